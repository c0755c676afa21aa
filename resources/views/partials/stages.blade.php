{{-- The strip of all stages and how far each is. --}}
<ol class="concertina" id="stages" @if ($alone ?? false) hx-swap-oob="true" @endif x-data="stages" @keydown="onKey($event)">
    @foreach (\App\View\Stage::of($plan) as $each)
        @php($state = $each->state($plan, $progress))
        <li @class(['is-here' => $each === $stage])>
            <a href="{{ route($each->value, $project) }}" data-stage-key="{{ $loop->iteration }}" @if ($each === $stage) aria-current="page" @endif>
                <span class="stage">{{ $each->label() }}</span>
                <span @class(['state', 'needs' => $state === 'needs a look'])>{{ $state }}</span>
            </a>
        </li>
    @endforeach
</ol>
