{{-- How something is matted: layers and border, for the whole book or, where that is left open, as everywhere, for one face. --}}
@php($many = ['no mat', 'one mat', 'double mat'])
<div class="field">
    <label for="{{ $id }}-layers">@words($labels[0])</label>
    <select class="form-select" id="{{ $id }}-layers" name="set[{{ $place }}.layers]">
        @isset($everywhere)<option value="">as everywhere: {{ $many[$everywhere->layers] }}</option>@endisset
        @foreach ($many as $number => $label)
            <option value="{{ $number }}" @selected($layers === $number)>{{ $label }}</option>
        @endforeach
    </select>
</div>
<div class="field is-wide">
    <label for="{{ $id }}-school">@words($labels[1])</label>
    <select class="form-select" id="{{ $id }}-school" name="set[{{ $place }}.school]">
        @isset($everywhere)<option value="">as everywhere: {{ lcfirst($everywhere->school->label()) }}</option>@endisset
        @foreach (\Ephemeron\Design\MatSchool::cases() as $each)
            <option value="{{ $each->value }}" @selected($school === $each)>{{ $each->label() }}</option>
        @endforeach
    </select>
</div>
