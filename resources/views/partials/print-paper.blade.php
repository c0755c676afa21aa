<label for="{{ $id }}-paper">Paper in the printer</label>
<select class="form-select w-auto" id="{{ $id }}-paper" name="paper">
    @foreach (\App\Print\PrintPaper::cases() as $paper)
        <option value="{{ $paper->value }}" @selected($paper === \App\Print\PrintPaper::usualFor($plan->design->unit))>{{ $paper->label() }}</option>
    @endforeach
</select>
@error('paper')<p class="field-error">Choose A4 or Letter.</p>@enderror
