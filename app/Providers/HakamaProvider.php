<?php

declare(strict_types=1);

namespace App\Providers;

use App\Calendar\Calendar;
use App\Calendar\CalendarBook;
use App\Database\AsksOnce;
use App\Database\Kept;
use App\Database\PatientConnection;
use App\Database\ShopConnection;
use App\Database\TriesOnce;
use App\Keep\CarefulFiles;
use App\Learn\LoggedWork;
use App\Money\ShopRates;
use App\Orders\StationCounts;
use App\Plan\PlanBoard;
use App\Plan\ShopOdds;
use App\Shop\Catalogue;
use App\Shop\House;
use App\Shop\PracticeBook;
use App\Shop\Premises;
use App\Stock\Bolts;
use App\Stock\StockBook;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\ServiceProvider;

final class HakamaProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.mariadb', TriesOnce::class);
        $this->app->extend('files', static fn(): CarefulFiles => new CarefulFiles());
        $this->app->scoped(Kept::class);
        $this->app->scoped(Premises::class);
        $this->app->scoped(House::class);
        $this->app->scoped(Catalogue::class);
        $this->app->scoped(PracticeBook::class);
        $this->app->scoped(Calendar::class);
        $this->app->scoped(CalendarBook::class);
        $this->app->scoped(PlanBoard::class);
        $this->app->scoped(ShopOdds::class);
        $this->app->scoped(StationCounts::class);
        $this->app->scoped(StockBook::class);
        $this->app->scoped(Bolts::class);
        $this->app->scoped(ShopRates::class);
        $this->app->scoped(LoggedWork::class);
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        $zone = Premises::zoneAtHand();
        if ($zone !== null) {
            config(['app.timezone' => $zone]);
            date_default_timezone_set($zone);
        }
        // Every form has a number of its own beside the token.
        Blade::directive('csrf', static fn(): string => '<?php echo csrf_field().\\App\\Http\\SentForm::field(); ?>');
        Model::preventLazyLoading();
        Model::preventSilentlyDiscardingAttributes();
        Connection::resolverFor('mariadb', static fn(...$of): ShopConnection => new ShopConnection(...$of));
        if (! $this->app->runningInConsole()) {
            // A database that is there and does not answer is not waited for: somebody sits before the page.
            Connection::resolverFor('mariadb', static fn(...$of): AsksOnce => new AsksOnce(...$of));
            PatientConnection::waits(PatientConnection::PAGE_S);
        }
        $clock = config('shop.clock');
        if (is_string($clock) && $clock !== '') {
            Carbon::setTestNow($clock);
            CarbonImmutable::setTestNow($clock);
        }
    }
}
