@if ($rows !== [])
    <section>
        <h2 class="section-title">{{ $title }}</h2>
        <table class="pieces">
            <thead><tr><th scope="col">Book</th><th scope="col" class="of">Copies</th><th scope="col">Holds prints</th><th scope="col">Missing for {{ $pad === '' ? 'one more' : 'one more; left of the pad' }}</th></tr></thead>
            <tbody>
                @foreach ($rows as [$name, $made, $url])
                    @php($reach = $made->reach)
                    <tr>
                        <th scope="row">@if ($url)<a href="{{ $url }}">{{ $name }}</a>@else{{ $name }}@endif</th>
                        <td class="of num">{{ $reach->copies }}<span class="when-narrow"> {{ $reach->copies === 1 ? 'copy' : 'copies' }}</span></td>
                        <td>@foreach (array_slice(array_filter($made->photos), 0, 2, true) as $size => $count)@if ($loop->first)<span class="when-narrow">holds </span>@endif{{ $count }} of @typeset($size)@if (! $loop->last), @endif @endforeach</td>
                        <td>
                            @foreach ($reach->missing as $sheets)@if ($loop->first)<span class="when-narrow">missing for one more: </span>@endif<span>{{ $sheets->count }} {{ $sheets->count === 1 ? 'sheet' : 'sheets' }} of {{ $sheets->kind->label() }} @size($sheets->size, $notation)</span>@if (! $loop->last), @endif @endforeach
                            @if ($pad !== '')<span class="quiet">· {{ $reach->leftOf(\Ephemeron\Paper\PaperKind::Pattern) }} left</span>@endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
