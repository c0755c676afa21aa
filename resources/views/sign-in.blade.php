<x-room title="Who is there?">
    @if ($isEmpty)<p class="fs-5 mt-3">Nobody is one of the makers here yet. Whoever keeps this machine lets the first one in: <code>php artisan ephemeron:maker NAME --keeper</code>.</p>@endif
    <form class="mt-3 of-oneself" x-data="revealing" method="post" action="{{ route('sign-in.enter') }}">@csrf
        <div class="field"><label for="name">Name</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="name" name="name" value="{{ is_string(old('name')) ? old('name') : '' }}" maxlength="60" autocomplete="username" autofocus>@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
        <div class="field"><label for="phrase">Pass phrase</label><input @class(['form-control', 'is-invalid' => $errors->has('phrase')]) type="password" :type="shown ? 'text' : 'password'" id="phrase" name="phrase" maxlength="128" autocomplete="current-password">@error('phrase')<p class="field-error">{{ $message }}</p>@enderror</div>
        <label class="sieve-by mb-2"><input class="form-check-input" type="checkbox" x-model="shown"> Show what I type</label><br>
        <button class="btn-main" id="sign-in">Come in</button>
    </form>
    <p class="quiet mt-3">Lost the pass phrase? The keeper of this shelf gives you a new one.</p>
</x-room>
