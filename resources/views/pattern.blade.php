@php
    $both = fn (\Ephemeron\Measure\Size $size) => $notation->size($size).' · '.$other->size($size);
    $besides = $plan->requisites();
    $cautions = collect($plan->steps)->map(fn ($step) => $step->caution)->filter()->unique()->values();
    $faces = $plan->blueprint->pages();
    $cover = reset($faces);
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $plan->design->name }}, a pattern</title>
<style>
:root { color-scheme: light; }
body { margin: 0 auto; max-width: 60rem; padding: 1rem; font: 1.05rem/1.5 Georgia, 'Times New Roman', serif; color: #20264d; background: #f6f1e4; }
h1 { font-size: 2rem; line-height: 1.15; margin: 0.5rem 0 0; } h2 { border-bottom: 3px double #20264d; margin-top: 2.2rem; } h3 { margin: 0 0 0.2rem; }
table { border-collapse: collapse; width: 100%; } th, td { text-align: left; vertical-align: top; padding: 0.3rem 0.6rem 0.3rem 0; border-bottom: 1px solid #d8cfb8; font-weight: 400; }
thead th { color: #43486a; font-size: 0.9rem; }
ol.steps { list-style: none; padding: 0; } ol.steps > li { break-inside: avoid; padding: 0.9rem 0; border-top: 1px solid #d8cfb8; }
svg { max-width: 100%; height: auto; background: #fffdf6; } ol.steps svg, .cuts svg { max-height: 22rem; width: 100%; }
svg line, svg path, svg rect, svg circle { vector-effect: non-scaling-stroke; }
.line-cut { stroke-width: 2px; } .line-valley { stroke-dasharray: 8px 4px; } .line-mountain { stroke-dasharray: 11px 3.5px 2px 3.5px; } .line-hidden { stroke-dasharray: 1px 3.5px; } .line-slit { stroke-width: 4px; }
.photos { display: grid; grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr)); gap: 0.8rem; padding: 0; list-style: none; } .photos img { width: 100%; display: block; }
.quiet { color: #43486a; } .caution { border-left: 4px solid #9c2f22; padding-left: 0.75rem; }
.cuts { display: grid; grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr)); gap: 1rem; } .cuts figure { margin: 0; break-inside: avoid; }
@media print { body { background: #fff; max-width: none; padding: 0; } h2 { break-after: avoid; } }
</style>
</head>
<body>
<main>
<h1>{{ $plan->design->name }}</h1>
<p class="quiet">{{ $plan->structure->about()->name }}{{ $by === '' ? '' : ", by {$by}" }}. {{ $plan->structure->about()->summary }}@if ($cover) Closed {{ $both($cover->size) }}.@endif</p>
@if ($photos !== [])
<ul class="photos">@foreach ($photos as [$words, $address])<li><img src="{{ $address }}" alt="{{ $words }}"><span class="quiet">{{ $words }}</span></li>@endforeach</ul>
@endif
<h2>What you need</h2>
<table>
<thead><tr><th scope="col">Paper</th><th scope="col">Sheets</th><th scope="col">Of</th><th scope="col">Weight</th></tr></thead>
<tbody>@foreach ($plan->stocks as $stock)<tr><th scope="row">{{ $stock->stock->name }}</th><td>{{ $stock->cuts->sheets() }}</td><td>{{ $both($stock->stock->sheet) }}</td><td>{{ $stock->stock->grammage->text() }}{{ $stock->stock->doubleSided ? '' : ', printed on one side' }}</td></tr>@endforeach</tbody>
</table>
@if ($besides !== [])<p>Besides: {{ collect($besides)->map(fn ($each) => lcfirst($each->name).($each->length ? ' '.$notation->text($each->length) : ($each->count > 1 ? " × {$each->count}" : '')))->implode('; ') }}.</p>@endif
<p>Tools: a trimmer or knife and metal ruler, a scoring board, a bone folder, scissors, glue and double-sided tape.</p>
@foreach ($cautions as $caution)<p class="caution">{{ $caution->text() }}</p>@endforeach
<h2>Pieces to cut, width × height</h2>
<table>
<thead><tr><th scope="col">Letter</th><th scope="col">Piece</th><th scope="col">How many</th><th scope="col">Size</th><th scope="col">Paper</th></tr></thead>
<tbody>@foreach ($plan->blueprint->parts as $part)<tr><td>{{ $part->letter }}</td><th scope="row">{{ $part->name }}</th><td>{{ $plan->countOf($part) }}</td><td>{{ $both($part->size) }}</td><td>{{ $plan->papersOf($part->key) }}</td></tr>@endforeach</tbody>
</table>
<h2>Cutting</h2>
<div class="cuts">@foreach ($plan->stocks as $stock)@foreach ($stock->cuts->patterns as $index => $pattern)<figure>{!! $sheets->draw($pattern, $notation, "{$stock->stock->name}, sheet ".($index + 1))->plain() !!}<figcaption>{{ $stock->stock->name }}: {{ $pattern->count === 1 ? 'one sheet' : "{$pattern->count} sheets alike" }}</figcaption></figure>@endforeach @endforeach</div>
@if ($plan->scores !== [])
<h2>Scores</h2>
<p class="quiet">Letter side down, from the left end of the side along the top fence.</p>
<table><thead><tr><th scope="col">Piece</th><th scope="col">Score at</th></tr></thead><tbody>@foreach ($plan->scores as $score)<tr><th scope="row">{{ $score->part->letter }}, {{ $score->part->called() }}</th><td>{{ $scores->inShort($score, $notation) }}</td></tr>@endforeach</tbody></table>
@endif
<h2>Step by step</h2>
<ol class="steps">@foreach ($plan->steps as $step)<li>
<h3>{{ $step->number }}. {{ $step->title }}</h3>
@if ($step->text !== '')<p>{{ $step->text }}</p>@endif
@php($lines = $plan->linesOf($step))
@if ($lines !== [])<ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if ($step->phase !== \Ephemeron\Blueprint\Phase::Cut)@php($drawing = $steps->of($step))@if ($drawing){!! $drawing->plain() !!}@endif @endif
</li>@endforeach</ol>
<p class="quiet">Made with Ephemeron. This page holds the design: brought in as a file it can be changed and made in another size.</p>
</main>
<script type="application/json" id="ephemeron-design">{!! $design !!}</script>
</body>
</html>
