<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\QueryException;
use Illuminate\Support\ServiceProvider;
use Words\Lexicon;
use Words\Phrases;
use Words\Reader;

/** Language files, and the reader they are said for: whoever is signed in. */
final class WordsProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Lexicon::class, static fn (): Lexicon => new Lexicon(base_path('lang')));
        $this->app->bind(Reader::class, static fn (Application $app): Reader => self::reader($app));
        // a page says a thousand things to one reader: what says them is made once
        $said = [];
        $this->app->bind(Phrases::class, static function (Application $app) use (&$said): Phrases {
            $reader = $app->make(Reader::class);

            return $said[$reader->toText()] ??= new Phrases($app->make(Lexicon::class), $reader);
        });
        $this->app->extend('translator', static fn ($translator, Application $app): Translator => new Translator(
            $app->make('translation.loader'), $app->getLocale(), $app,
        ));
    }

    /** Asked anew each time: who is signed in may change within a test, and a worker serves many. */
    private static function reader(Application $app): Reader
    {
        try {
            $user = $app->make(Factory::class)->guard()->user();
            if ($user instanceof User) {
                return $user->reader();
            }
        } catch (QueryException|\PDOException) {
            // that the database is down must be said without it
        }

        return new Reader($app->getLocale());
    }
}
