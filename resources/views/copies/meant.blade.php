<p class="mb-1"><label><input class="form-check-input" type="checkbox" id="{{ $id }}" name="meant" value="1"> What is on the shelf now may make room for it; it is kept aside.</label></p>
@error('meant')<p class="field-error">{{ $message }}</p>@enderror
