<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSqliteConnector;
use App\History\DesignSlice;
use App\History\History;
use App\History\LaidBySlice;
use App\History\NoteSlice;
use App\History\OffcutSlice;
use App\History\SpoiledSlice;
use App\History\TickSlice;
use App\Planning\Asking;
use App\Planning\CachedPlanner;
use App\Planning\Plans;
use App\Planning\Settings;
use App\Safekeeping\Health;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Format\DesignFields;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->singleton(Catalogue::class, static fn (): Catalogue => Catalogue::ofTheHouse());
        $this->app->singleton(Showroom::class, static fn (): Showroom => Showroom::ofTheHouse());
        $this->app->singleton(DesignReader::class);
        $this->app->singleton(DesignFields::class);
        $this->app->singleton(DesignWriter::class);
        $this->app->singleton(
            CutPlanner::class,
            fn (): CutPlanner => new AroundPins(new CachedPlanner(ProvenPlanner::quick(), $this->app->make(Repository::class))),
        );
        $this->app->singleton(Workshop::class);
        $this->app->scoped(Settings::class);
        $this->app->bind(Asking::class, static fn (Application $app): Asking => Asking::kept($app->make(Settings::class)));
        // In one request a plan is read back once.
        $this->app->when(Plans::class)->needs(Repository::class)->give(static fn (): Repository => Cache::memo());
        $this->app->singleton(History::class, fn (): History => new History(
            new DesignSlice,
            $this->app->make(TickSlice::class),
            new NoteSlice,
            new OffcutSlice,
            new SpoiledSlice,
            $this->app->make(LaidBySlice::class),
        ));
    }

    public function boot(): void
    {
        Event::listen(DiagnosingHealth::class, Health::check(...));
        Model::shouldBeStrict(! $this->app->environment('production'));
        foreach (['length', 'size'] as $measured) {
            Blade::directive(
                $measured,
                static fn (string $arguments): string => "<?php echo \\App\\View\\Measured::{$measured}({$arguments}); ?>",
            );
        }
        Blade::directive('typeset', static fn (string $text): string => '<?php echo \\App\\View\\Typeset::html('.$text.'); ?>');
    }
}
