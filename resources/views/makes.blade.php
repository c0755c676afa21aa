@php($notation = \Ephemeron\Measure\Notation::usual($unit))
<x-page title="What can I make?">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">What can I make?</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('papers.index') }}">The paper drawer</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            <form class="sieve" method="get" action="{{ route('papers.makes') }}" hx-get="{{ route('papers.makes') }}" hx-trigger="change" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true">
                <span class="sieve-by"><label for="pad">Patterns from</label>
                <select class="form-select" id="pad" name="pad"><option value="">the whole drawer</option>@foreach ($pads as $each)<option @selected($pad === $each)>{{ $each }}</option>@endforeach</select></span>
                <label class="sieve-by"><input class="form-check-input" type="checkbox" name="keep" value="yes" @checked($keep)> papers tagged “best” for covers only</label>
                <span class="sieve-by"><label for="unit">In</label>
                <select class="form-select" id="unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>@endforeach</select></span>
                <span class="sieve-by"><label for="order">First</label>
                <select class="form-select" id="order" name="order">@foreach (['' => 'most copies', 'photos' => 'most prints', 'name' => 'by name'] as $value => $label)<option value="{{ $value }}" @selected($order === $value)>{{ $label }}</option>@endforeach</select></span>
                <noscript><button class="btn-plain">Look</button></noscript>
            </form>
            <p class="quiet mb-2">Papers of a kind stand in for each other, so patterns may come out mixed. Up to eight copies of a book on the shelf are cut together; structures are counted singly. Leftovers are not counted. <a href="{{ route('adviser', ['from' => 'drawer', 'pad' => $pad, 'unit' => $unit->value]) }}">Which book for what goes in?</a></p>
            <x-more :known="$known" :all="$all" of="books and structures"/>
            <div class="makes" id="makes">
                @include('partials.makes', ['title' => 'Books on the shelf', 'rows' => $books])
                @include('partials.makes', ['title' => 'Structures at their usual size', 'rows' => $structures])
            </div>
        </main>
    </div>
</x-page>
