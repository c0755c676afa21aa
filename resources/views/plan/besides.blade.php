{{-- What the book wants that is not cut from a sheet. --}}
@if ($besides !== [])
    <table class="pieces besides">
        <caption class="section-title">Besides paper, in {{ $design->unit->label() }}</caption>
        <thead><tr><th scope="col">What</th><th scope="col" class="of">Wanted</th><th scope="col"><a href="{{ route('supplies.index', ['unit' => $design->unit->value]) }}">In the drawer</a></th></tr></thead>
        <tbody>
            @foreach ($besides as $line)
                <tr>
                    <th scope="row">{{ $line['wanted']->name }}</th>
                    <td class="of">@if ($line['wanted']->length)@length($line['wanted']->length, $notation)@else<span class="num">{{ $line['wanted']->count }}</span>@endif</td>
                    <td>@if ($line['length'])@length($line['length'], $notation)@else<span class="num">{{ $line['count'] }}</span>@endif {{ $line['suffices'] ? '' : '– not enough' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
