<?php

declare(strict_types=1);

namespace App\Providers;

use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\GreedyPlanner;
use Ephemeron\Format\DesignReader;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, static fn (): Catalogue => Catalogue::ofTheHouse());
        $this->app->singleton(Showroom::class, static fn (): Showroom => Showroom::ofTheHouse());
        $this->app->singleton(DesignReader::class);
        $this->app->singleton(CutPlanner::class, GreedyPlanner::class);
        $this->app->singleton(Workshop::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        Blade::directive('typeset', static fn (string $text): string => '<?php echo \\App\\View\\Typeset::html('.$text.'); ?>');
    }
}
