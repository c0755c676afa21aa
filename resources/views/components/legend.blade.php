@props(['kinds'])
<ul class="legend" aria-label="Lines of the drawing">
    @foreach ($kinds as $kind)
        <li>
            <svg class="drawing" viewBox="0 0 34 12" aria-hidden="true">
                @if (in_array($kind->value, ['glue', 'tape'], true))
                    <path class="line-{{ $kind->value }}" stroke="#20264d" fill="none" d="M2 12L12 0M10 12L20 0M18 12L28 0{{ $kind->value === 'tape' ? 'M2 0L12 12M10 0L20 12M18 0L28 12' : '' }}"/>
                @elseif ($kind->value === 'outline')
                    <rect class="line-outline" x="3" y="1.5" width="26" height="9" stroke="#20264d" fill="none"/>
                @else
                    <line class="line-{{ $kind->value }}" x1="2" x2="32" y1="6" y2="6" stroke="#20264d" stroke-linecap="{{ in_array($kind->value, ['slit', 'hidden'], true) ? 'round' : 'butt' }}"/>
                    @if ($kind->value === 'cut')<polygon points="0,2 0,10 7,6" fill="#20264d"/>@endif
                @endif
            </svg>
            {{ $kind->label() }}
        </li>
    @endforeach
    {{ $slot }}
</ul>
