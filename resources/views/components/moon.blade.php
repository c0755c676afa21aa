@props(['share', 'words', 'size' => 34])
@php
    $r = 14;
    $edge = abs(1 - 2 * $share) * $r;
    $lit = $share <= 0 ? null : sprintf('M16 2A14 14 0 0 1 16 30A%.2f 14 0 0 %d 16 2', max($edge, 0.01), $share < 0.5 ? 0 : 1);
@endphp
<svg class="moon" width="{{ $size }}" height="{{ $size }}" viewBox="0 0 32 32" role="img" aria-label="{{ $words }}">
    <title>{{ $words }}</title>
    <circle class="dark" cx="16" cy="16" r="14"/>
    @if ($share >= 1)
        <circle class="lit" cx="16" cy="16" r="14"/>
    @elseif ($lit)
        <path class="lit" d="{{ $lit }}"/>
    @endif
    <circle class="rim" cx="16" cy="16" r="14"/>
</svg>
