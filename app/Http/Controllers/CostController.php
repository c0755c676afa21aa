<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskingRequest;
use App\Models\Project;
use App\Models\Supply;
use App\Planning\Asking;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\Settings;
use App\Planning\ShoppingList;
use App\Planning\StepClock;
use Ephemeron\Paper\Price;
use Ephemeron\Selling\Costs;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a book costs, alone or of so many, and what to ask for it. */
final readonly class CostController
{
    private const MOST = 50;

    public function __construct(private Plans $plans, private ShoppingList $shopping, private Settings $settings)
    {
    }

    public function show(Request $request, Project $project): View
    {
        $asking = Asking::kept($this->settings);
        $books = max(1, min(self::MOST, $request->integer('books', $project->copies)));
        $plan = $this->plans->plan($project);
        // What is cut with other books costs each what it would by itself.
        $isAlone = $books === $project->copies && $project->cut_with === null && $project->guests->isEmpty();
        $together = $isAlone ? $plan : $this->plans->together($project, $books);
        $spent = array_sum((new StepClock($project))->byPhase($plan));
        $seconds = $asking->said['minutes'] === '' ? $spent * $books : 60 * (int) $asking->said['minutes'] * $books;
        $costs = (new Costs([], $asking->currency()))->paper($together->stocks, $asking->isByUse());
        foreach ($this->wanted($together) as [$wanted, $price]) {
            $costs = $costs->besides($wanted, $price);
        }
        $costs = $costs->time($seconds, $asking->price('rate'))
            ->fee($asking->price('fee'), max($books, (int) $asking->said['pieces']), $books);

        return view('cost', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'asking' => $asking,
            'books' => $books,
            'costs' => $costs,
            'price' => $asking->pricing()->of($costs->total()->dividedBy($books)),
            'other' => (new Costs([], $asking->currency()))->paper($together->stocks, ! $asking->isByUse())->total(),
            'paper' => (new Costs([], $asking->currency()))->paper($together->stocks, $asking->isByUse())->total(),
            'spent' => $spent,
            'shopping' => $this->shopping->of($plan->design, $books),
        ]);
    }

    public function keep(AskingRequest $request, Project $project): RedirectResponse
    {
        Asking::keep($this->settings, $request->said());

        return redirect()->route('cost', ['project' => $project, 'books' => $request->integer('books', 1)], 303);
    }

    /** @return list<array{\Ephemeron\Fit\Requisite, Price}> what is wanted besides paper, at the price of the drawer */
    private function wanted(WorkPlan $together): array
    {
        $prices = [];
        foreach (Supply::query()->where('mills', '>', 0)->oldest('id')->get()->all() as $supply) {
            if ($supply instanceof Supply) {
                $prices[$supply->kind->value] ??= $supply->price();
            }
        }
        $wanted = [];
        foreach ($together->requisites() as $each) {
            $wanted[] = [$each, $prices[$each->kind->value] ?? new Price(0)];
        }

        return $wanted;
    }
}
