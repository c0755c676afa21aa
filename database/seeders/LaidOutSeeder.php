<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Paper;
use App\Models\Project;
use App\Planning\PadsLaidOut;
use App\Planning\Plans;
use App\Planning\PrintsChosen;
use App\Planning\ProjectEditor;
use Ephemeron\Filling\Fillings;
use Ephemeron\Papering\Weights;
use Illuminate\Database\Seeder;

/** A book whose pages are laid out from a fresh pad, with what is to go into it: photos, cards cut apart, a letter. */
final class LaidOutSeeder extends Seeder
{
    public function __construct(
        private readonly ProjectEditor $editor,
        private readonly Plans $plans,
        private readonly PadsLaidOut $pads,
    ) {
    }

    public function run(): void
    {
        $project = $this->editor->create([
            'structure' => 'mitred-tab-album',
            'name' => 'Leonid watch album',
            'unit' => 'in',
            'mats' => ['layers' => 1],
            'furniture' => [
                ['on' => 'page-2', 'kind' => 'pocket', 'parameters' => ['notched' => 'yes']],
                ['on' => 'page-5', 'kind' => 'pocket', 'parameters' => ['style' => 'side-load', 'depth' => '4']],
                ['on' => 'page-8', 'kind' => 'photo-mat', 'parameters' => ['photo' => '4x6']],
                ['on' => 'page-9', 'kind' => 'flap'],
                ['on' => 'page-11', 'kind' => 'belly-band'],
            ],
        ]);
        $laid = $this->pads->over($project, PadsLaidOut::papers(['Lantern pad']), new Weights);
        if ($laid !== null) {
            $this->editor->change($project, $laid->changes, $project->revision);
        }
        $this->fill($project->refresh());
    }

    private function fill(Project $project): void
    {
        $cards = Paper::query()->where('set_aside', 'cut-apart')->where('pad', 'Lantern pad')->sole();
        [$print, $changes] = (new PrintsChosen($project, $this->plans->design($project)))->print($cards, isCutApart: true);
        foreach (range(1, 6) as $number) {
            $changes["keepsakes.leonids-{$number}"] = ['name' => "Leonids {$number}", 'width' => '4', 'height' => '6'];
        }
        foreach (range(1, 3) as $number) {
            $changes["keepsakes.ridge-{$number}"] = ['name' => "From the ridge {$number}", 'width' => '6', 'height' => '4'];
        }
        $changes['keepsakes.owl'] = ['name' => 'Owl card', 'kind' => 'card', 'paper' => $print, 'card' => 2];
        $changes['keepsakes.letter'] = ['name' => 'Letter to the club', 'kind' => 'envelope', 'width' => '4', 'height' => '3'];
        $this->editor->change($project, $changes, $project->revision);
        $plan = $this->plans->plan($project->refresh());
        $places = [];
        foreach ((new Fillings($plan->blueprint, $plan->design->keepsakes, $plan->notation()))->proposed() as $key => $one) {
            if ($one->home !== null) {
                $places["keepsakes.{$key}.home"] = $one->home;
                $places["keepsakes.{$key}.proposed"] = true;
            }
        }
        $this->editor->change($project, $places, $project->revision);
    }
}
