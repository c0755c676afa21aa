@props(['project', 'report', 'face' => null])
@if ($report->findings !== [])
    <ul class="findings" id="findings" tabindex="-1" aria-label="Findings">
        @foreach ($report->findings as $finding)
            <li class="is-{{ $finding->severity->value }}">
                <span class="severity">{{ $finding->severity->label() }}</span>
                @words($finding->text)
                @if ($finding->mend)
                    <x-change-form :project="$project" :face="$face" :auto="false">
                        @foreach ($finding->mend->changes as $place => $value)
                            <input type="hidden" name="set[{{ $place }}]" value="{{ is_bool($value) ? ($value ? 'true' : 'false') : $value }}">
                        @endforeach
                        <button class="btn-plain">@typeset($finding->mend->label)</button>
                    </x-change-form>
                @endif
            </li>
        @endforeach
    </ul>
@else
    <p class="quiet">Nothing to mend: everything fits, slides and folds as far as can be known before cutting.</p>
@endif
