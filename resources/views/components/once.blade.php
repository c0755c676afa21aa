<input type="hidden" name="once" value="{{ Str::ulid() }}">
