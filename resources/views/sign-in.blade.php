<x-page title="Who is there?">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Who is there?</h1>
            <div class="tools"><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main class="safekeeping">
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            @if ($isEmpty)<p class="fs-5 mt-3">Nobody is one of the makers here yet. Whoever keeps this machine lets the first one in: <code>php artisan ephemeron:maker NAME --keeper</code>.</p>@endif
            <form class="mt-3 of-oneself" x-data="revealing" method="post" action="{{ route('sign-in.enter') }}">@csrf
                <div class="field"><label for="name">Name</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="name" name="name" value="{{ is_string(old('name')) ? old('name') : '' }}" maxlength="60" autocomplete="username" autofocus>@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
                <div class="field"><label for="phrase">Pass phrase</label><input @class(['form-control', 'is-invalid' => $errors->has('phrase')]) type="password" :type="shown ? 'text' : 'password'" id="phrase" name="phrase" maxlength="128" autocomplete="current-password">@error('phrase')<p class="field-error">{{ $message }}</p>@enderror</div>
                <label class="sieve-by mb-2"><input class="form-check-input" type="checkbox" x-model="shown"> Show what I type</label><br>
                <button class="btn-main" id="sign-in">Come in</button>
            </form>
            <p class="quiet mt-3">Lost the pass phrase? The keeper of this shelf gives you a new one.</p>
        </main>
    </div>
</x-page>
