<x-room title="You at this shelf">
    <x-slot:tools><a class="btn-plain" href="{{ route('board') }}">Board</a>@if ($maker->keeper)<a class="btn-plain" href="{{ route('club') }}">The club</a>@endif<form method="post" action="{{ route('sign-out') }}">@csrf<button class="btn-plain">Sign out</button></form></x-slot:tools>
    <p class="fs-5 mt-3">You are {{ $maker->name }}{{ $maker->keeper ? ', who keeps this shelf' : '' }}. Your pictures take {{ $space->said() }}.</p>
    <h2>Where you are signed in</h2>
    <ul class="movements" id="sessions">@foreach ($sessions as $session)<li>On {{ $session->on }}{{ $session->isHere ? ', here' : '' }}, from {{ $session->from }}, last {{ $session->seen->diffForHumans() }}@unless ($session->isHere) <form class="d-inline" method="post" action="{{ route('myself.end', $session->mark) }}">@csrf @method('DELETE')<button class="btn-plain">Sign out there</button></form>@endunless</li>@endforeach</ul>
    <h2>Another pass phrase</h2>
    <form class="of-oneself" x-data="revealing" method="post" action="{{ route('myself.phrase') }}">@csrf @method('PUT')
        <input class="visually-hidden" name="username" value="{{ $maker->name }}" autocomplete="username" tabindex="-1" aria-hidden="true" readonly>
        @foreach (['now' => ['As it is now', 'current-password'], 'new' => ['The new one', 'new-password'], 'new_confirmation' => ['Once more', 'new-password']] as $field => [$label, $complete])
            <div class="field"><label for="{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) type="password" :type="shown ? 'text' : 'password'" id="{{ $field }}" name="{{ $field }}" maxlength="128" autocomplete="{{ $complete }}">@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
        @endforeach
        <label class="sieve-by mb-2"><input class="form-check-input" type="checkbox" x-model="shown"> Show what I type</label><br>
        <button class="btn-plain">Take it</button> <span class="quiet">At least {{ \App\Models\Maker::SHORTEST }} characters; a few words do well. You are signed out everywhere else.</span>
    </form>
    <h2>Shown by a link</h2>
    @if ($shares->isEmpty())<p>Nothing. The log of a book has the button.</p>@endif
    <ul class="movements" id="shares">@foreach ($shares as $share)<li>{{ $share->project->name }}, since {{ $share->created_at->translatedFormat('j F Y') }} <form class="d-inline" method="post" action="{{ route('shares.destroy', [$share->project, $share]) }}">@csrf @method('DELETE')<button class="btn-plain">Take it back</button></form></li>@endforeach</ul>
    <h2>Your drawer</h2>
    @if ($circles->isEmpty())<p>You are in no circle yet; the keeper of the shelf makes them. To a circle a drawer can be lent: the others of it may plan and cut from it, and change nothing else.</p>@endif
    <ul class="movements" id="circles">@foreach ($circles as $circle)
        @php($lends = $circle->lenders->contains($maker))
        <li>{{ $circle->name }}: {{ $circle->makers->pluck('name')->implode(', ') }}. <form class="d-inline" method="post" action="{{ route('myself.lend', $circle) }}">@csrf @method('PUT')<input type="hidden" name="lend" value="{{ $lends ? 0 : 1 }}"><button class="btn-plain" aria-pressed="{{ $lends ? 'true' : 'false' }}">{{ $lends ? 'Lend it no more' : 'Lend it your drawer' }}</button></form>@if ($circle->lenders->isNotEmpty()) <span class="quiet">Lent by {{ $circle->lenders->pluck('name')->implode(', ') }}.</span>@endif</li>
    @endforeach</ul>
</x-room>
