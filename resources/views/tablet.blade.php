<x-room title="A tablet at the table">
    <p class="fs-5 mt-3">A tablet or a phone on the same network can stand where the glue is: it sees this shelf and ticks on it.</p>
    @if ($code !== null)
        <section class="pairing" id="pairing" aria-label="Let one in">
            @if ($address !== null)
                @php($there = $address.route('tablet', ['code' => $code, ...($to === '' ? [] : ['to' => $to])], false))
                {!! \App\Drawing\QrCode::svg($there, "The address {$address} with the code") !!}
            @endif
            <div>
                @if ($address !== null)<p class="mb-1">Point its camera at this, or type in its browser:</p><p class="fs-4 num mb-2">{{ $address }}/tablet</p>@else<p>This machine is on no network now.</p>@endif
                <p class="mb-1">and this code, good once and for {{ \App\Club\Tablets::MINUTES }} minutes:</p>
                <p class="code num" id="code">{{ substr($code, 0, 4) }} {{ substr($code, 4) }}</p>
            </div>
        </section>
    @else
        <form method="post" action="{{ route('tablet.begin') }}{{ $to === '' ? '' : '?to='.urlencode($to) }}">@csrf<button class="btn-main" id="let-in">Let one in</button></form>
    @endif
    <p class="mt-3">{{ $listening ? 'This machine listens on the network now, for tablets that were let in; all others get this one field for a code. What goes over the network is not encrypted: let tablets in at home, not in a café.' : 'Nothing listens on the network. As soon as you let one in, this machine does, until the last one is turned away.' }}</p>
    @if ($listening)<form method="post" action="{{ route('tablet.stop') }}">@csrf @method('DELETE')<button class="btn-plain">Listen no more</button></form>@endif
    <h2>Let in</h2>
    @if ($devices->isEmpty())<p>None.</p>@endif
    <ul class="movements" id="devices">@foreach ($devices as $device)<li>{{ $device->name }}, last here {{ $device->seen_at?->diffForHumans() ?? 'never' }} <form class="d-inline" method="post" action="{{ route('tablet.turn-away', $device) }}">@csrf @method('DELETE')<button class="btn-plain">Turn away</button></form></li>@endforeach</ul>
</x-room>
