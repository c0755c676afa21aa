@php($notation = \Ephemeron\Measure\Notation::usual($unit))
<x-page title="Besides paper">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Besides paper</h1>
            <span class="quiet">magnets, ribbon, tape, thread, coils</span>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.index', ['unit' => $unit->value]) }}">The paper drawer</a><a class="btn-plain" href="{{ route('shelf') }}">Back to the shelf</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            @if ($errors->any())<p class="said is-stop mt-3" role="alert">Nothing was changed. {{ $errors->first() }}</p>@endif
            <div class="workplace drawer mt-3">
                <div class="drawn">
                    @if ($supplies->isEmpty())<p class="fs-5">Nothing but paper so far.</p>@endif
                    <table class="pieces">
                        <caption class="visually-hidden">Supplies, in {{ $unit->label() }}</caption>
                        <thead><tr><th scope="col">What</th><th scope="col" class="of">There</th><th scope="col">Price</th><th scope="col">Where</th></tr></thead>
                        @foreach ($supplies->groupBy(fn ($supply) => $supply->kind->label()) as $kind => $those)
                            <tbody>
                                <tr class="section"><th scope="rowgroup" colspan="4">{{ ucfirst($kind) }}</th></tr>
                                @foreach ($those as $supply)
                                    <tr @class(['is-here' => $chosen?->id === $supply->id])>
                                        <th scope="row"><a href="{{ route('supplies.index', ['unit' => $unit->value, 'supply' => $supply->id]) }}#chosen">{{ $supply->name }}</a></th>
                                        <td class="of">@if ($supply->left())@length($supply->left(), $notation)@else<span class="num">{{ $supply->count }}</span>@endif</td>
                                        <td class="num">{{ $supply->mills > 0 ? \App\View\Money::money($supply->price()).($supply->left() ? ' a metre' : ' each') : '' }}</td>
                                        <td>{{ $supply->place }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        @endforeach
                    </table>
                </div>
                <div class="particulars">
                    @if ($chosen)
                        <details open id="chosen"><summary>{{ $chosen->name }}</summary>
                            <form method="post" action="{{ route('supplies.update', $chosen) }}">@csrf @method('PATCH')
                                @include('partials.supply-fields', ['id' => 'chosen', 'supply' => $chosen])
                                <button class="btn-main">Keep these</button>
                            </form>
                            <form class="mt-2" method="post" action="{{ route('supplies.destroy', [$chosen, 'unit' => $unit->value]) }}">@csrf @method('DELETE')<button class="btn-plain">Take it out of the drawer</button></form>
                        </details>
                    @endif
                    <details id="add" @if (! $chosen || old('adding')) open @endif><summary>Put something in</summary>
                        <form method="post" action="{{ route('supplies.store') }}">@csrf<x-once/>
                            <input type="hidden" name="adding" value="1">
                            @include('partials.supply-fields', ['id' => 'new', 'supply' => null])
                            <button class="btn-main">Put in</button>
                        </form>
                    </details>
                </div>
            </div>
        </main>
    </div>
</x-page>
