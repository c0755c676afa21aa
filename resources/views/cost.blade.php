@php
    $currency = $asking->currency();
    $money = fn ($mills) => $currency->money($mills).' '.$currency->code;
    $asked = $currency->money(\Brick\Math\BigRational::of($price->mills));
    $value = fn (string $field) => is_string(old($field)) ? old($field) : $asking->said[$field];
    $even = \Ephemeron\Selling\Pricing::even($costs->total(), $price);
@endphp
<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Log">
    <h2 class="section-title">What it costs, and what to ask for it <span class="quiet"><a href="{{ route('log', $project) }}">back to the log</a></span></h2>
    <div class="workplace">
        <div class="drawn">
            <form class="sieve" method="get" action="{{ route('cost', $project) }}" hx-get="{{ route('cost', $project) }}" hx-trigger="change, submit" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML" hx-push-url="true"><span class="sieve-by"><label for="books">For</label><input class="form-control is-short" id="books" name="books" value="{{ $books }}" inputmode="numeric" autocomplete="off"> {{ $books === 1 ? 'book' : 'books made together' }}</span><noscript><button class="btn-plain">Reckon</button></noscript></form>
            <table class="pieces costs">
                <thead><tr><th scope="col">What</th><th scope="col">How it comes about</th><th scope="col" class="of">{{ $asking->said['currency'] }}</th></tr></thead>
                <tbody>
                    @foreach ($costs->lines as $line)<tr><th scope="row">{{ $line->what }}</th><td>{{ $line->why }}</td><td class="of num">{{ $currency->money($line->mills) }}</td></tr>@endforeach
                    <tr class="section"><th scope="row">Together</th><td>{{ $books === 1 ? '' : "for one {$money($costs->total()->dividedBy($books))}" }}</td><td class="of num"><strong>{{ $currency->money($costs->total()) }}</strong></td></tr>
                </tbody>
            </table>
            <p class="quiet">Paper {{ $asking->isByUse() ? 'by what is used, leftovers too' : 'by the sheets begun, leftovers for nothing' }}: {{ $money($paper) }}; {{ $asking->isByUse() ? 'by the sheets begun, leftovers for nothing,' : 'by what is used, leftovers too,' }} it would be {{ $money($other) }}.@if ($plan->price()->mills === 0) No paper of this book has a price yet: the drawer keeps it.@endif</p>
            <p class="asked"><span class="quiet">Ask</span> <strong>{{ $asked }}</strong> {{ $asking->said['currency'] }} <span class="quiet">for one: {{ $asking->said['way'] === 'factor' ? "the cost × {$asking->said['margin']}" : "the cost and {$asking->said['margin']} %" }}, rounded up to {{ $asking->said['step'] }}.</span></p>
            @if ($even !== null && $books > 1)<p>{{ $even <= $books ? "With {$even} of the {$books} sold it comes out even." : "Not even all {$books} sold would pay for it: ask more, or make them simpler." }}</p>@endif
            @if ($books > 1)<h3 class="put-title">In evenings</h3><ul class="movements" id="day-plan">@foreach (\App\Planning\DayPlan::of($plan, $books) as $sentence)<li>{{ $sentence }}</li>@endforeach</ul><p class="quiet"><a href="{{ route('together', ['books' => [$project->id => $books]]) }}">Together with other books</a></p>@endif
            <h3 class="put-title">To buy for {{ $books === 1 ? 'it' : "these {$books}" }}</h3>
            @if ($shopping === [])<p>Nothing: all of it is in the drawer.</p>@else<ul class="movements" id="shopping">@foreach ($shopping as $line)<li>@typeset($line)</li>@endforeach</ul>@endif
            <form class="sieve" method="get" action="{{ route('print.pdf', [$project, 'tags']) }}" target="_blank"><input type="hidden" name="price" value="{{ $asked }} {{ $currency->code }}"><span class="sieve-by"><label for="tags">Tags</label><input class="form-control is-short" id="tags" name="count" value="{{ max(8, $books) }}" inputmode="numeric" autocomplete="off"></span><button class="btn-plain">Print price tags and a label for the shelf</button></form>
        </div>
        <div class="particulars">
            <form method="post" action="{{ route('cost.keep', $project) }}" hx-put="{{ route('cost.keep', $project) }}" hx-trigger="change, submit" hx-target="#stage" hx-select="#stage" hx-swap="outerHTML">@csrf @method('PUT')
                <input type="hidden" name="books" value="{{ $books }}">
                @foreach (['rate' => 'An hour is worth', 'minutes' => 'Minutes for one book', 'fee' => 'Table at the fair', 'pieces' => 'Pieces on that table', 'margin' => 'Put on it', 'step' => 'Rounded up to', 'currency' => 'Currency'] as $field => $label)
                    <div class="field"><label for="ask-{{ $field }}">{{ $label }}</label><input @class(['form-control', 'is-invalid' => $errors->has($field)]) id="ask-{{ $field }}" name="{{ $field }}" value="{{ $value($field) }}" autocomplete="off" @if ($field === 'minutes') placeholder="{{ $spent === 0 ? 'by the clock' : 'by the clock: '.intdiv($spent + 30, 60) }}" @endif>@error($field)<p class="field-error">{{ $message }}</p>@enderror</div>
                    @if ($field === 'margin')<div class="field"><label for="ask-way">as</label><select class="form-select" id="ask-way" name="way"><option value="plus">per cent</option><option value="factor" @selected($value('way') === 'factor')>a factor</option></select></div>@endif
                @endforeach
                <div class="field"><label for="ask-paper">Paper counts</label><select class="form-select" id="ask-paper" name="paper"><option value="begun">by the sheets begun</option><option value="used" @selected($value('paper') === 'used')>by what is used</option></select></div>
                <noscript><button class="btn-plain">Keep these</button></noscript>
            </form>
            <p class="field-note">Kept for all books. What is wanted besides paper has its prices in <a href="{{ route('supplies.index') }}">the drawer</a>.</p>
        </div>
    </div>
</x-project>
