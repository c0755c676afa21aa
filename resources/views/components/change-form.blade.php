@props(['project', 'face' => null, 'stage' => 'plan', 'auto' => true])
@php($changing = route('design', $project))
<form method="post" action="{{ $changing }}" hx-patch="{{ $changing }}" @if ($auto) hx-trigger="change, submit" @endif hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" novalidate {{ $attributes }}>
    @csrf @method('PATCH')
    <input type="hidden" name="revision" value="{{ $project->revision }}">
    <input type="hidden" name="stage" value="{{ $stage }}">
    <input type="hidden" name="face" value="{{ $face }}">
    {{ $slot }}
</form>
