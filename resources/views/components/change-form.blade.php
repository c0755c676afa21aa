@props(['project', 'face' => null, 'stage' => 'plan', 'auto' => true])
<form method="post" action="{{ route('design', $project) }}" hx-patch="{{ route('design', $project) }}" @if ($auto) hx-trigger="change, submit" @endif hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" novalidate {{ $attributes }}>
    @csrf @method('PATCH')
    <input type="hidden" name="revision" value="{{ $project->revision }}">
    <input type="hidden" name="stage" value="{{ $stage }}">
    <input type="hidden" name="face" value="{{ $face }}">
    {{ $slot }}
</form>
