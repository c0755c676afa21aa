<x-page title="Come to the table">
    <div class="page" id="stage">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Come to the table</h1>
            <div class="tools"><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main class="safekeeping">
            @if (session('said'))<p class="said mt-3" role="status">{{ session('said') }}</p>@endif
            <form class="mt-3 of-oneself" method="post" action="{{ route('tablet.enter') }}">@csrf
                <input type="hidden" name="to" value="{{ $to }}">
                <div class="field"><label for="code">Code</label><input @class(['form-control', 'is-invalid' => $errors->has('code')]) id="code" name="code" value="{{ is_string(old('code')) ? old('code') : $code }}" maxlength="20" autocomplete="off" autocapitalize="characters">@error('code')<p class="field-error">{{ $message }}</p>@enderror</div>
                <div class="field"><label for="name">This tablet is called</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="name" name="name" value="{{ is_string(old('name')) ? old('name') : 'Tablet at the table' }}" maxlength="60" autocomplete="off">@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
                <button class="btn-main" id="come-in">Come in</button>
            </form>
            <p class="quiet mt-3">The code stands on the screen of the other machine: shelf, <em>To the tablet</em>.</p>
        </main>
    </div>
</x-page>
