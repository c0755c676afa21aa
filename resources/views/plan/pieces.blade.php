<table class="pieces">
    <caption class="section-title">Pieces to cut, in {{ $design->unit->label() }}, width × height</caption>
    <thead><tr><th scope="col">Letter</th><th scope="col">Piece</th><th scope="col" class="of">How many</th><th scope="col">Size</th><th scope="col">Paper</th></tr></thead>
    @foreach ($plan->blueprint->sections() as $section => $parts)
        <tbody>
            <tr class="section"><th scope="rowgroup" colspan="5">@words($section)</th></tr>
            @foreach ($parts as $part)
                <tr>
                    <td>{{ $part->letter }}</td>
                    <th scope="row">{{ $part->name }} @why($part->why, $part->name)</th>
                    <td class="of num">{{ $plan->countOf($part) }}</td>
                    <td>@size($part->size, $notation, false)</td>
                    <td>{{ $plan->papersOf($part->key) }}</td>
                </tr>
            @endforeach
        </tbody>
    @endforeach
</table>
