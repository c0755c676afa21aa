<x-room title="The club">
    <x-slot:tools><a class="btn-plain" href="{{ route('copies') }}">Copies of the shelf</a><a class="btn-plain" href="{{ route('myself') }}">You</a></x-slot:tools>
    <h2>Makers</h2>
    <ul class="of-the-club" id="makers">@foreach ($makers as $maker)
        @php($bag = $errors->getBag("maker{$maker->id}"))
        <li><strong>{{ $maker->name }}</strong> {{ $maker->keeper ? 'keeps the shelf' : '' }} {{ $maker->left_at ? 'has left' : '' }}
            <details @if ($bag->any()) open @endif><summary>A new pass phrase</summary><form class="sieve" method="post" action="{{ route('club.phrase', $maker) }}">@csrf @method('PUT')<input @class(['form-control', 'is-invalid' => $bag->any()]) name="phrase" aria-label="New pass phrase of {{ $maker->name }}" maxlength="128" autocomplete="off"><button class="btn-plain">Give it</button>@if ($bag->any())<p class="field-error">{{ $bag->first() }}</p>@endif</form></details>
            @if ($maker->id !== $me)<form class="d-inline" method="post" action="{{ route('club.leave', $maker) }}">@csrf @method('PUT')<input type="hidden" name="left" value="{{ $maker->left_at ? 0 : 1 }}"><button class="btn-plain">{{ $maker->left_at ? 'Let in again' : 'Turn away' }}</button></form>@endif</li>
    @endforeach</ul>
    <h2>Let somebody in</h2>
    <form class="of-oneself" method="post" action="{{ route('club.add') }}">@csrf<x-once/>
        @foreach (['name' => 'Name', 'phrase' => 'First pass phrase'] as $field => $label)<div class="field"><label for="{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="{{ $field }}" name="{{ $field }}" value="{{ $field === 'name' && is_string(old('name')) ? old('name') : '' }}" maxlength="{{ $field === 'name' ? 60 : 128 }}" autocomplete="off">@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>@endforeach
        <button class="btn-main">Let them in</button>
    </form>
    <h2>Circles</h2>
    <p class="quiet">Makers to whom a drawer can be lent.</p>
    <ul class="of-the-club" id="circles">@foreach ($circles as $circle)<li><strong>{{ $circle->name }}</strong> @foreach ($makers as $maker)@php($in = $circle->makers->contains($maker))<form class="d-inline" method="post" action="{{ route('club.join', [$circle, $maker]) }}">@csrf @method('PUT')<input type="hidden" name="in" value="{{ $in ? 0 : 1 }}"><button class="btn-plain" aria-pressed="{{ $in ? 'true' : 'false' }}">{{ $in ? '✓ ' : '' }}{{ $maker->name }}</button></form> @endforeach</li>@endforeach</ul>
    <form class="sieve" method="post" action="{{ route('club.circle') }}">@csrf<x-once/><span class="sieve-by"><label for="circle">A new circle</label><input @class(['form-control', 'is-invalid' => $errors->circle->any()]) id="circle" name="circle" maxlength="60" autocomplete="off"></span><button class="btn-plain">Draw it</button>@if ($errors->circle->any())<p class="field-error">{{ $errors->circle->first() }}</p>@endif</form>
</x-room>
