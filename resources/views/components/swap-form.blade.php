{{-- A form whose answer swaps the stage: the revision it starts from and the face one looks at go with it. --}}
@props(['project', 'action', 'method' => 'POST', 'face' => null, 'stage' => 'plan'])
<form method="post" action="{{ $action }}" hx-{{ strtolower($method) === 'post' ? 'post' : strtolower($method) }}="{{ $action }}" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" novalidate {{ $attributes }}>
    @csrf
    @if ($method !== 'POST') @method($method) @endif
    <input type="hidden" name="revision" value="{{ $project->revision }}">
    <input type="hidden" name="stage" value="{{ $stage }}">
    <input type="hidden" name="face" value="{{ $face }}">
    {{ $slot }}
</form>
