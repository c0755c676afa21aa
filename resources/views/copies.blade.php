<x-room title="Copies of the shelf">
    <x-slot:tools><a class="btn-plain" href="{{ route('taken-off') }}">Taken off</a></x-slot:tools>
    <p class="fs-5 mt-3">All books, papers, ticks, notes and pictures in one file. Keep it somewhere else than on this machine.</p>
    <form method="post" action="{{ route('copies.make') }}">@csrf<button class="btn-main" id="make-copy">Make a copy and take it away</button></form>
    <h2>Bring one back</h2>
    <form method="post" action="{{ route('copies.restore') }}" enctype="multipart/form-data">@csrf
        <div class="mb-1"><label for="copy">A copy that was taken away</label><input @class(['form-control', 'is-invalid' => $errors->has('copy')]) type="file" id="copy" name="copy" accept=".zip,application/zip">@error('copy')<p class="field-error">{{ $message }}</p>@enderror</div>
        @include('copies.meant', ['id' => 'meant'])
        <button class="btn-plain">Bring it back</button>
    </form>
    <h2>Kept here</h2>
    <p class="quiet">One of every day somebody was here, and one of how it was before each bringing back; the last seven of each.</p>
    @if ($copies === [])<p>None yet.</p>@endif
    <ul class="movements">
        @foreach ($copies as $name)
            <li><a href="{{ route('copies.take', $name) }}">{{ str_starts_with($name, 'daily') ? 'Of the day' : 'Before a bringing back' }}, {{ preg_replace('/^\w+-(\d+)-(\d+)-(\d+)-(\d\d)(\d\d).*/', '$3.$2.$1, $4.$5', $name) }}</a>
                <details><summary>Bring it back</summary><form method="post" action="{{ route('copies.restore') }}">@csrf<input type="hidden" name="kept" value="{{ $name }}">@include('copies.meant', ['id' => "meant-{$loop->index}"])<button class="btn-plain">Bring it back</button></form></details></li>
        @endforeach
    </ul>
</x-room>
