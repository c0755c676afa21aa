<x-room title="Come to the table">
    <form class="mt-3 of-oneself" method="post" action="{{ route('tablet.enter') }}">@csrf
        <input type="hidden" name="to" value="{{ $to }}">
        <div class="field"><label for="code">Code</label><input @class(['form-control', 'is-invalid' => $errors->has('code')]) id="code" name="code" value="{{ is_string(old('code')) ? old('code') : $code }}" maxlength="20" autocomplete="off" autocapitalize="characters">@error('code')<p class="field-error">{{ $message }}</p>@enderror</div>
        <div class="field"><label for="name">This tablet is called</label><input @class(['form-control', 'is-invalid' => $errors->has('name')]) id="name" name="name" value="{{ is_string(old('name')) ? old('name') : 'Tablet at the table' }}" maxlength="60" autocomplete="off">@error('name')<p class="field-error">{{ $message }}</p>@enderror</div>
        <button class="btn-main" id="come-in">Come in</button>
    </form>
    <p class="quiet mt-3">The code stands on the screen of the other machine: shelf, <em>To the tablet</em>.</p>
</x-room>
