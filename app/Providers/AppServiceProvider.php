<?php

declare(strict_types=1);

namespace App\Providers;

use App\Club\Club;
use App\Club\FairTurns;
use App\Database\ImmediateSqliteConnector;
use App\Database\Questions;
use App\Database\ShelfEdition;
use App\History\DesignSlice;
use App\History\History;
use App\History\LaidBySlice;
use App\History\NoteSlice;
use App\History\OffcutSlice;
use App\History\SpoiledSlice;
use App\History\TickSlice;
use App\Models\Paper;
use App\Planning\Asking;
use App\Planning\CachedPlanner;
use App\Planning\OwnStructures;
use App\Planning\Plans;
use App\Planning\Settings;
use App\Safekeeping\CacheInFiles;
use App\Safekeeping\Health;
use App\Safekeeping\SessionsInFiles;
use App\Words\Glossary;
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
use Illuminate\Contracts\Queue\Job;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Queue\Worker;
use Illuminate\Routing\Events\Routing;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->keepSessions();
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->singleton(OwnStructures::class);
        $this->app->singleton(
            Catalogue::class,
            fn (): Catalogue => Catalogue::ofTheHouse()->knowing($this->app->make(OwnStructures::class)->find(...)),
        );
        $this->app->singleton(Showroom::class, static fn (): Showroom => Showroom::ofTheHouse());
        $this->app->singleton(DesignReader::class);
        $this->app->singleton(DesignFields::class);
        $this->app->singleton(DesignWriter::class);
        $this->app->singleton(
            CutPlanner::class,
            fn (): CutPlanner => new AroundPins(new CachedPlanner(ProvenPlanner::quick(), $this->app->make(Repository::class))),
        );
        $this->app->singleton(Workshop::class);
        $this->app->singleton(ShelfEdition::class);
        $this->app->singleton(Questions::class);
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
        // What is lent is seen by who may cut from it, and changed by who lends it.
        Route::bind('lent', static fn (string $number): Paper => Paper::query()->whereKey($number)->firstOrFail());
        Route::bind('paper', static function (string $number): Paper {
            $maker = Club::atWork();

            $papers = Paper::query()->whereKey($number);

            return ($maker === null ? $papers : $papers->where('maker_id', $maker))->firstOrFail();
        });
        foreach ([FairTurns::WORKER => true, FairTurns::BRISK_WORKER => false] as $worker => $looks) {
            Worker::popUsing($worker, fn (callable $pop): ?Job => $this->app->make(FairTurns::class)->next($pop, $looks));
        }
        Session::extend('file', fn (Application $app): SessionsInFiles => new SessionsInFiles(
            new Filesystem,
            config()->string('session.files'),
            config()->integer('session.lifetime'),
        ));
        Cache::extend('file', fn (Application $app, array $config): Repository => Cache::repository(
            new CacheInFiles(new Filesystem, is_string($config['path'] ?? null) ? $config['path'] : storage_path('framework/cache/data')),
            $config,
        ));
        Event::listen(QueryExecuted::class, function (QueryExecuted $query): void {
            $this->app->make(ShelfEdition::class)->heard($query);
            $this->app->make(Questions::class)->heard($query);
        });
        // Every request asks for what it is made from, one that comes to the same process as another too.
        Event::listen(Routing::class, function (): void {
            $this->app->make(Questions::class)->forget();
            $this->app->make(Settings::class)->lookAnew();
        });
        Event::listen(MigrationsStarted::class, fn () => $this->app->make(ShelfEdition::class)->rest());
        Event::listen(MigrationsEnded::class, function (MigrationsEnded $built): void {
            $built->method === 'up' ? $this->app->make(ShelfEdition::class)->goOn() : null;
        });
        Event::listen(TransactionCommitted::class, fn () => $this->app->make(ShelfEdition::class)->committed());
        Event::listen(DiagnosingHealth::class, Health::check(...));
        Model::shouldBeStrict(! $this->app->environment('production'));
        foreach (['length', 'size'] as $measured) {
            Blade::directive(
                $measured,
                static fn (string $arguments): string => "<?php echo \\App\\View\\Measured::{$measured}({$arguments}); ?>",
            );
        }
        $this->app->scoped(Glossary::class, static fn (): Glossary => Glossary::ofTheHouse());
        Blade::directive('words', static fn (string $text): string => '<?php echo \\App\\Words\\Glossary::html('.$text.'); ?>');
        Blade::directive('why', static fn (string $arguments): string => '<?php echo \\App\\View\\Why::html('.$arguments.'); ?>');
        Blade::directive('typeset', static fn (string $text): string => '<?php echo \\App\\View\\Typeset::html('.$text.'); ?>');
    }

    /** Over TLS cookies go no other way (RFC 6265bis, 4.1.3); of many makers it is known where each is signed in. */
    private function keepSessions(): void
    {
        $url = config('app.url');
        if (is_string($url) && str_starts_with($url, 'https://')) {
            config(['session.cookie' => '__Host-ephemeron', 'session.secure' => true, 'session.domain' => null, 'session.path' => '/']);
        }
        if (Club::isOpen() && config('session.driver') === 'file') {
            config(['session.driver' => 'database']);
        }
    }
}
