<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\InSight;
use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Engine\PracticeZones;
use App\Engine\SessionContexts;
use App\Import\ImportProgress;
use App\Library\TemplateRepository;
use App\Models\User;
use App\Support\Fields;
use App\Support\MailboxTransport;
use App\Support\SteadyConnection;
use App\Support\SystemClock;
use App\Watch\ServerHealth;
use App\Watch\SharedTally;
use App\Watch\Spent;
use App\Watch\Tally;
use App\Watch\ToldLately;
use Carbon\CarbonImmutable;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(CoreCatalogs::class, static fn (): CoreCatalogs => new CoreCatalogs(base_path('core/data')));
        $this->app->bind(ModelPriors::class, fn (): ModelPriors => $this->app->make(CoreCatalogs::class)->priors);
        $this->app->bind(SignCatalog::class, fn (): SignCatalog => $this->app->make(CoreCatalogs::class)->signs);
        $this->app->scoped(PlanReader::class);
        $this->app->scoped(PracticeZones::class);
        $this->app->scoped(SessionContexts::class);
        $this->app->scoped(TemplateRepository::class);
        $this->app->bind(ClockInterface::class, SystemClock::class);
        Connection::resolverFor('mariadb', static fn (\PDO|\Closure $pdo, string $database, string $prefix, array $config): Connection =>
            new SteadyConnection($pdo, $database, $prefix, $config));
        $this->app->scoped(Spent::class);
        $this->app->bind(Tally::class, SharedTally::class);
        $this->app->bind(ServerHealth::class, fn (): ServerHealth => new ServerHealth(
            $this->app->make(Connection::class), $this->app->make(ClockInterface::class), storage_path(),
        ));
        $this->app->bind(ToldLately::class, static fn (): ToldLately => new ToldLately(storage_path('framework')));
        $this->app->when(ImportProgress::class)->needs(Repository::class)
            ->give(static fn (): Repository => Cache::store(Config::string('cache.limiter')));
    }

    public function boot(): void
    {
        Gate::guessPolicyNamesUsing(static fn (string $model): string => 'App\\Access\\'.class_basename($model).'Policy');
        Date::use(CarbonImmutable::class);
        // a value that no model takes is lost without a word: what is tested and shown says so
        Model::preventSilentlyDiscardingAttributes(! $this->app->isProduction());
        Event::listen(QueryExecuted::class, fn (QueryExecuted $query) => $this->app->make(Spent::class)->on($query));
        // asked for only where somebody is signed in: what waits to be filed is shown where there is any
        View::composer('components.layout', static function (\Illuminate\View\View $view): void {
            // a page that tells it as well has counted already
            if (! isset($view->getData()['unfiled'])) {
                $user = auth()->guard()->user();
                $view->with('unfiled', $user instanceof User ? InSight::unplaced($user)->count() : 0);
            }
        });
        Mail::extend('mailbox', static fn (array $config): MailboxTransport => new MailboxTransport(Fields::of($config)->text('folder')));
        if (config('app.bench') === true) {
            Route::middleware(['web', 'auth'])->group(base_path('bench/routes.php'));
        }
    }
}
