@php
    $unit = $notation->unit;
    $other = \Ephemeron\Measure\Notation::usual($unit->other());
    $usual = fn (string $name, string $value): string => $request->said($name) === '' ? $value : $request->said($name);
    $square = $unit === \Ephemeron\Measure\Unit::Inch ? '12' : '30.5';
@endphp
<x-page title="Eighths">
    <div class="page" id="stage" data-unit="{{ $unit->value }}" data-grid="{{ $notation->grid->value }}">
        <header class="masthead">
            <a class="wordmark" href="{{ route('shelf') }}" title="Back to the shelf">Ephemeron</a>
            <h1 class="title">Eighths</h1>
            <div class="tools"><a class="btn-plain" href="{{ route('adviser') }}">Which book?</a><button class="btn-plain" type="button" @click="$refs.keys.showModal()" aria-label="Keys">?</button></div>
        </header>
        <hr class="rule">
        <main>
            <form class="asking eighths" method="get" action="{{ route('eighths') }}" hx-get="{{ route('eighths') }}" hx-trigger="change, submit" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true" novalidate>
                <p class="quiet mb-2">Sums as one writes them, at the trimmer or the ruler. The same may be typed into every field for a length.</p>
                <fieldset>
                    <legend>A sum</legend>
                    <span class="asked"><label for="sum" class="visually-hidden">The sum</label><input @class(['form-control', 'is-long', 'is-invalid' => isset($wrong['sum'])]) id="sum" name="sum" value="{{ $request->said('sum') }}" placeholder="{{ $unit === \Ephemeron\Measure\Unit::Inch ? '11 7/8 - 2*1/4' : '30.5 - 2*0.5' }}" autocomplete="off" data-length @isset($wrong['sum']) aria-invalid="true" aria-describedby="sum-wrong" @endisset></span>
                    <span class="asked"><label for="unit">in</label> <select class="form-select" id="unit" name="unit">@foreach (\Ephemeron\Measure\Unit::cases() as $each)<option value="{{ $each->value }}" @selected($unit === $each)>{{ $each->label() }}</option>@endforeach</select></span>
                    <span class="asked"><label for="grid">marks every</label> <select class="form-select" id="grid" name="grid">@foreach (\Ephemeron\Measure\ToolGrid::cases() as $each)@if ($each->unit() === $unit)<option value="{{ $each->value }}" @selected($notation->grid === $each)>{{ $each->value }}</option>@endif @endforeach</select></span>
                    @isset($wrong['sum'])<p class="field-error" id="sum-wrong">{{ $wrong['sum'] }}</p>@endisset
                    @if ($sum)
                        <div class="answer" role="status">
                            <p><strong>@typeset(\App\View\SumInWords::ofLength($sum, $unit, $notation->grid))</strong> <span class="quiet">@typeset($other->text($sum))</span></p>
                            {!! $ruler->draw([$sum], 'The sum on a ruler')->inline() !!}
                        </div>
                    @endif
                </fieldset>
                <fieldset>
                    <legend>Equal parts</legend>
                    <span class="asked"><input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['parts'])]) id="parts" name="parts" inputmode="numeric" value="{{ $usual('parts', '3') }}" autocomplete="off"> <label for="parts">parts of</label></span>
                    <span class="asked"><label for="whole" class="visually-hidden">The whole</label><input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['whole'])]) id="whole" name="whole" value="{{ $request->said('whole') }}" placeholder="{{ $square }}" autocomplete="off" data-length> <span class="quiet">{{ $unit->value }}</span></span>
                    @foreach (['parts', 'whole'] as $name)@isset($wrong[$name])<p class="field-error">{{ $wrong[$name] }}</p>@endisset @endforeach
                    @if ($parts !== [])
                        <div class="answer" role="status">
                            <p>Each <strong>@typeset(\App\View\SumInWords::ofLength($parts[0], $unit, $notation->grid))</strong>. Scores at @foreach (array_slice($parts, 0, -1) as $part)<span class="num">@typeset($notation->number($part))</span>@if (! $loop->last), @endif @endforeach.</p>
                            {!! $ruler->draw($parts, 'The parts on a ruler')->inline() !!}
                        </div>
                    @endif
                </fieldset>
                <fieldset>
                    <legend>From a sheet</legend>
                    <span class="asked"><label for="wide">Pieces of</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['wide'])]) id="wide" name="wide" value="{{ $request->said('wide') }}" autocomplete="off" data-length> <label for="tall">×</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['tall'])]) id="tall" name="tall" value="{{ $request->said('tall') }}" autocomplete="off" data-length></span>
                    <span class="asked"><label for="sheet-wide">from a sheet of</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['sheet-wide'])]) id="sheet-wide" name="sheet-wide" value="{{ $usual('sheet-wide', $request->said('wide') === '' ? '' : $square) }}" autocomplete="off" data-length> <label for="sheet-tall">×</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['sheet-tall'])]) id="sheet-tall" name="sheet-tall" value="{{ $usual('sheet-tall', $request->said('wide') === '' ? '' : $square) }}" autocomplete="off" data-length> <span class="quiet">{{ $unit->value }}</span></span>
                    <label class="asked"><input class="form-check-input" type="checkbox" name="upright" value="yes" @checked($request->said('upright') === 'yes')> the print has a right way up</label>
                    @foreach (['wide', 'tall', 'sheet-wide', 'sheet-tall'] as $name)@isset($wrong[$name])<p class="field-error">{{ $wrong[$name] }}</p>@endisset @endforeach
                    @if ($pieces)
                        <div class="answer" role="status"><p><strong>{{ $pieces[0] }}</strong> {{ $pieces[0] === 1 ? 'piece' : 'pieces' }}, by cuts that go right across.</p>@if ($pieces[1])<div class="one-sheet">{!! $pieces[1] !!}</div>@endif</div>
                    @endif
                </fieldset>
                <fieldset>
                    <legend>Mats</legend>
                    <span class="asked"><label for="photo-wide">Under a photo of</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['photo-wide'])]) id="photo-wide" name="photo-wide" value="{{ $request->said('photo-wide') }}" autocomplete="off" data-length> <label for="photo-tall">×</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['photo-tall'])]) id="photo-tall" name="photo-tall" value="{{ $request->said('photo-tall') }}" autocomplete="off" data-length></span>
                    <span class="asked"><label for="border">with a border of</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['border'])]) id="border" name="border" value="{{ $request->said('border') }}" placeholder="{{ $unit === \Ephemeron\Measure\Unit::Inch ? '1/8' : '0.25' }}" autocomplete="off" data-length> <span class="quiet">{{ $unit->value }}</span></span>
                    <span class="asked"><label for="layers">mats</label> <input @class(['form-control', 'is-short', 'is-invalid' => isset($wrong['layers'])]) id="layers" name="layers" inputmode="numeric" value="{{ $usual('layers', '1') }}" autocomplete="off"></span>
                    @foreach (['photo-wide', 'photo-tall', 'border', 'layers'] as $name)@isset($wrong[$name])<p class="field-error">{{ $wrong[$name] }}</p>@endisset @endforeach
                    @foreach ($mats as $mat)<p class="answer" role="status">{{ count($mats) === 1 ? 'The mat' : 'Mat '.$loop->iteration }}: <strong>@size($mat, $notation)</strong> <span class="quiet">@size($mat, $other)</span></p>@endforeach
                </fieldset>
                <noscript><button class="btn-main">Work it out</button></noscript>
            </form>
        </main>
    </div>
</x-page>
