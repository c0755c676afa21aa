@props(['title'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Ephemeron</title>
    <link rel="icon" href="/moon.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body x-data="shell" @keydown.window="onKey($event)" :class="{ 'both-units': bothUnits }">
    <a class="skip" href="#stage">Skip to the work</a>
    @include('partials.patterns')
    {{ $slot }}
    @include('partials.keys')
</body>
</html>
