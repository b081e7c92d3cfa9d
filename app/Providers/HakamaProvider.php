<?php

declare(strict_types=1);

namespace App\Providers;

use App\Api\Listeners\TellPrograms;
use App\Api\Models\ProgramToken;
use App\Artwork\Listeners\ReadTapesAnew;
use App\Books\Learning\LoggedWork;
use App\Floor\Projections\DaySums;
use App\Foundation\Clock\MinutePassed;
use App\Foundation\Database\NoRetryConnection;
use App\Foundation\Database\NoRetryConnector;
use App\Foundation\Database\PatientConnection;
use App\Foundation\Database\ShopConnection;
use App\Foundation\Database\TurnCache;
use App\Foundation\Http\SentForm;
use App\Foundation\ShopProfile;
use App\Foundation\Words\IcuTranslator;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use App\Money\Listeners\WriteReminders;
use App\Money\Queries\CustomerAmounts;
use App\Money\Queries\OrderPrice;
use App\Money\Queries\ShopRates;
use App\Orders\Actions\UndoOrder;
use App\Orders\Approvals\SaidPrice;
use App\Orders\Listeners\ReadBounces;
use App\Orders\Listeners\WriteDueLetters;
use App\Orders\OpenAmounts;
use App\Orders\Queries\StationCounts;
use App\People\Ability;
use App\People\Caller;
use App\Plan\MaterialHolds;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\SewnDays;
use App\Plan\Queries\ShopOdds;
use App\Setup\Actions\UndoSetup;
use App\Setup\Listeners\KeepSetupTimes;
use App\Setup\PracticeBook;
use App\Shop\Backup\CarefulFiles;
use App\Shop\Calendar\Calendar;
use App\Shop\Calendar\CalendarBook;
use App\Shop\Catalogue\Catalogue;
use App\Shop\Events\RuleChanged;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Shop\Undo\Undo;
use App\Shop\Undo\UndoRule;
use App\Stock\Actions\StockBook;
use App\Stock\Queries\Bolts;
use App\Stock\Queries\MaterialMissing;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Hakama\Words\Decimal;
use Hakama\Words\Money;
use Hakama\Words\Text;
use Hakama\Words\Texts;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Routing\Events\RouteMatched;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\View\View as ShownView;
use Laravel\Sanctum\Sanctum;

final class HakamaProvider extends ServiceProvider
{
    /** Views that say lengths. */
    private const WITH_LENGTHS = [
        'artwork.index',
        'artwork.picking',
        'artwork.show',
        'artwork.stops',
        'money.ask',
        'setup.backing',
        'setup.cures',
        'setup.decisions',
        'setup.draw.cap',
        'setup.draw.features',
        'setup.draw.garment',
        'setup.draw.tube',
        'setup.paper',
        'setup.placement',
        'setup.sheet',
        'setup.tabs.frames',
        'setup.tabs.sizes',
        'shop.begin.shop',
    ];

    public function register(): void
    {
        $this->app->extend('translator', static function (Translator $given, Application $app): IcuTranslator {
            $words = new IcuTranslator($app->make('translation.loader'), $given->getLocale());
            $words->setFallback($given->getFallback());

            return $words;
        });
        $this->app->bind('db.connector.mariadb', NoRetryConnector::class);
        $this->app->extend('files', static fn(): CarefulFiles => new CarefulFiles());
        $this->app->bind(Undo::class, static fn(Application $app): Undo => new Undo([
            Change::RULE => $app->make(UndoRule::class),
            Change::ORDER => $app->make(UndoOrder::class),
            Change::SETUP => $app->make(UndoSetup::class),
        ]));
        $this->app->bind(SewnDays::class, DaySums::class);
        $this->app->scoped(TurnCache::class);
        $this->app->scoped(ShopProfile::class);
        $this->app->scoped(House::class);
        $this->app->scoped(Catalogue::class);
        $this->app->scoped(PracticeBook::class);
        $this->app->scoped(Calendar::class);
        $this->app->scoped(CalendarBook::class);
        $this->app->scoped(PlanBoard::class);
        $this->app->bind(MaterialHolds::class, MaterialMissing::class);
        $this->app->bind(SaidPrice::class, OrderPrice::class);
        $this->app->bind(OpenAmounts::class, CustomerAmounts::class);
        $this->app->scoped(ShopOdds::class);
        $this->app->scoped(StationCounts::class);
        $this->app->scoped(StockBook::class);
        $this->app->scoped(Bolts::class);
        $this->app->scoped(ShopRates::class);
        $this->app->scoped(LoggedWork::class);
    }

    public function boot(): void
    {
        foreach (Ability::cases() as $ability) {
            Gate::define(
                $ability,
                static fn(Caller $caller): bool => $ability->least() === null || $caller->role->includes($ability->least()),
            );
        }
        // Where a number stands in an address nothing else does: the database takes "1004x" for 1004.
        foreach (['order', 'invoice', 'artwork', 'decoration', 'line'] as $number) {
            Route::pattern($number, '[0-9]+');
        }
        // An address nobody has said a word on lets nobody through.
        Event::listen(
            RouteMatched::class,
            static fn(RouteMatched $at) => abort_if(
                in_array('web', $at->route->middleware(), true) && Ability::of($at->route) === null,
                403,
            ),
        );
        // Lengths are shown in the units of the house. By name: one pattern among them and every view of every page is
        // held against it.
        View::composer(
            self::WITH_LENGTHS,
            fn(ShownView $view) => $view->with('units', $this->app->make(House::class)->units()),
        );
        // The number of a session is drawn at random and says nothing: enciphered, it is no safer.
        EncryptCookies::except((string) config('session.cookie'));
        Event::subscribe(KeepSetupTimes::class);
        Event::listen(RuleChanged::class, ReadTapesAnew::class);
        foreach ([WriteDueLetters::class, ReadBounces::class, WriteReminders::class, TellPrograms::class] as $byItself) {
            Event::listen(MinutePassed::class, $byItself);
        }
        Sanctum::usePersonalAccessTokenModel(ProgramToken::class);
        RateLimiter::for('api', static fn(Request $request): Limit => Limit::perMinute((int) config('shop.api_per_minute'))
            ->by((string) $request->user()?->getAuthIdentifier()));
        Date::use(CarbonImmutable::class);
        $zone = ShopProfile::zoneAtHand();
        if ($zone !== null) {
            config(['app.timezone' => $zone]);
            date_default_timezone_set($zone);
        }
        if (config('shop.languages') !== '') {
            Languages::alsoFrom((string) config('shop.languages'));
        }
        Languages::speak(ShopProfile::languageAtHand());
        Languages::live(ShopProfile::habitsAtHand());
        // Every form has a number of its own beside the token.
        // Templates are indented for who reads them; a browser does not, and a chart is twice as long with it.
        // One space is left: the end of a line is gone behind what PHP prints there, and words of one tag would grow
        // together.
        Blade::prepareStringsForCompilationUsing(
            static fn(string $view): string => preg_replace('/^[ \t]+/m', ' ', $view) ?? $view,
        );
        foreach ([Text::class, Texts::class, Decimal::class, Money::class] as $said) {
            Blade::stringable($said, Words::say(...));
        }
        Blade::directive('csrf', static fn(): string => '<?php echo \\'.SentForm::class.'::fields(); ?>');
        // A query in a loop stops a developer, never a shop.
        Model::preventLazyLoading();
        if ($this->app->isProduction()) {
            Model::handleLazyLoadingViolationUsing(
                static fn(Model $model, string $relation) => Log::warning($model::class." reads {$relation} one by one"),
            );
        }
        Model::preventSilentlyDiscardingAttributes();
        Connection::resolverFor('mariadb', static fn(...$of): ShopConnection => new ShopConnection(...$of));
        if (! $this->app->runningInConsole()) {
            // A database that is there and does not answer is not waited for: somebody sits before the page.
            Connection::resolverFor('mariadb', static fn(...$of): NoRetryConnection => new NoRetryConnection(...$of));
            PatientConnection::waits(PatientConnection::PAGE_S);
        }
        $clock = config('shop.clock');
        if (is_string($clock) && $clock !== '') {
            Carbon::setTestNow($clock);
            CarbonImmutable::setTestNow($clock);
        }
    }
}
