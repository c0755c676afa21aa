{{-- Stations, the walk of the thread passage by passage, and the guides. --}}
<section aria-labelledby="sewing-title" id="sewing" x-data="stitching({{ count($sewing->walk->passages) }})">
    <h2 class="section-title" id="sewing-title">Sewing</h2>
    <div class="sewing">
        <div class="sheet">{!! $stitches->draw($sewing)->inline() !!}</div>
        <div>
            <p class="fs-5 mb-1">@length($sewing->thread, $notation) of thread{{ $sewing->times > 1 ? ", {$sewing->times} times" : '' }}; holes
                @foreach ($sewing->stations->places as $place)<span class="at">@length($place, $notation, $loop->last)</span>{{ $loop->last ? '' : ', ' }}@endforeach from the head.</p>
            @if (count($sewing->rows->rows) > 1)<p>{{ count($sewing->rows->rows) }} rows on the spine, @length($sewing->rows->apart, $notation) from one to the next.</p>@endif
            <div class="slider fold-controls">
                <button class="btn-plain" type="button" @click="go(at - 1)" aria-label="One passage back">←</button>
                <button class="btn-main" type="button" @click="sew()" x-text="timer ? 'Stop' : 'Sew'">Sew</button>
                <button class="btn-plain" type="button" @click="go(at + 1)" aria-label="One passage on">→</button>
                <input type="range" min="0" max="{{ count($sewing->walk->passages) }}" step="1" x-model.number="at" aria-label="How far it is sewn">
            </div>
            <ol class="passages">
                @foreach ($sewing->walk->passages as $index => $passage)
                    @php($isFirst = ($sewing->walk->passages[$index - 1]->signature ?? null) !== $passage->signature)
                    <li @click="go({{ $index + 1 }})">{{ $isFirst && count($sewing->rows->rows) > 1 && $sewing->times === 1 ? 'signature '.($passage->signature + 1).': ' : '' }}{{ $passage->isOutwards ? 'out' : 'in' }} through {{ $passage->station + 1 }}</li>
                @endforeach
            </ol>
            <p class="quiet">Dashes lie inside the fold. Needle and awl: pierce away from your hand, onto something soft. Template and spine are <a href="{{ route('print', $project) }}">printed at true size</a> as guides.</p>
        </div>
    </div>
    <x-change-form :project="$project" stage="leaves" class="sieve">
        @php($again = $errors->hasAny(['parameters.own-holes', 'parameters.stations']) && is_array(old('set')) ? old('set') : [])
        @php($chosen = fn (string $key) => is_string($again["parameters.{$key}"] ?? null) ? $again["parameters.{$key}"] : $plan->design->parameters->choice($key))
        @foreach (\Ephemeron\Structure\SewnIn::parameters() as $parameter)
            @if ($parameter->kind === \Ephemeron\Design\ParameterKind::Text)
                @if ($chosen('stations') === 'own' || $errors->has("parameters.{$parameter->key}"))
                    @php($typed = $again["parameters.{$parameter->key}"] ?? null)
                    <span class="sieve-by"><label for="sew-{{ $parameter->key }}">{{ $parameter->name }}</label>
                    <input class="form-control" id="sew-{{ $parameter->key }}" name="set[parameters.{{ $parameter->key }}]" value="{{ is_string($typed) ? $typed : $plan->design->parameters->text($parameter->key) }}" placeholder="1; 4 1/4; 7 1/2" autocomplete="off"></span>
                @endif
            @else
            <span class="sieve-by"><label for="sew-{{ $parameter->key }}">{{ $parameter->name }}</label>
            <select class="form-select" id="sew-{{ $parameter->key }}" name="set[parameters.{{ $parameter->key }}]">@foreach ($parameter->choices as $value => $label)<option value="{{ $value }}" @selected($chosen($parameter->key) === (string) $value)>{{ $label }}</option>@endforeach</select></span>
            @endif
        @endforeach
        @error('parameters.own-holes')<p class="field-error">{{ $message }}</p>@enderror
        @error('parameters.stations')<p class="field-error">{{ $message }}</p>@enderror
        <noscript><button class="btn-plain">Keep</button></noscript>
    </x-change-form>
</section>
