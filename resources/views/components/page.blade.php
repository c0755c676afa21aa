@props(['title'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Ephemeron</title>
    <link rel="icon" href="/moon.svg" type="image/svg+xml">
    {{-- The typefaces are there before the first line is set: nothing moves when they come. --}}
    @foreach (['source-sans-3', 'source-serif-4'] as $face)<link rel="preload" as="font" type="font/woff2" crossorigin href="{{ Vite::asset("node_modules/@fontsource-variable/{$face}/files/{$face}-latin-wght-normal.woff2") }}">@endforeach

    @vite(['resources/css/app.scss', 'resources/js/begin.js'])
</head>
<body x-data="shell" @keydown.window="onKey($event)" :class="{ 'both-units': bothUnits }">
    <a class="skip" href="#stage">Skip to the work</a>
    @include('partials.patterns')
    {{ $slot }}
    @include('partials.keys')
    <dialog class="keys" id="word" aria-labelledby="word-title"><div class="meaning"></div><form method="dialog"><a href="{{ route('words') }}">All words</a> <button class="btn-main">Close</button></form></dialog>
</body>
</html>
