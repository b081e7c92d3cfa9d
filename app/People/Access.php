<?php

declare(strict_types=1);

namespace App\People;

use Hakama\House\Role;

/** What each address wants of who asks. One that does not stand here is closed to everybody. */
final class Access
{
    /** By the name of the route; those with a code, a token or a key of their own are their own keepers. */
    private const OPEN = ['sign-in', 'sign-in.try', 'tablet.pair', 'tablet.take', 'up'];

    /** Open to whoever has the key that stands in the address. */
    private const KEYED = ['plan.ics', 'plan.promises'];

    private const VIEWER = [
        'home',
        'sign-out',
        'artwork.density',
        'artwork.drawing',
        'artwork.history',
        'artwork.index',
        'artwork.make',
        'artwork.make.tape',
        'artwork.note',
        'artwork.photo',
        'artwork.preview',
        'artwork.cloth',
        'artwork.cloth.pattern',
        'artwork.sheets',
        'artwork.show',
        'artwork.stops',
        'artwork.suggest',
        'artwork.tape',
        'artwork.template',
        'artwork.timeline',
        'artwork.track',
        'books.csv',
        'books.show',
        'books.xlsx',
        'catalogue.csv',
        'catalogue.edit',
        'catalogue.show',
        'floor.board',
        'floor.card',
        'floor.finder',
        'floor.corrections',
        'floor.pulse',
        'floor.show',
        'floor.tag',
        'floor.tags',
        'needles.card',
        'needles.pins',
        'needles.show',
        'needles.walks',
        'orders.create',
        'orders.check',
        'orders.promise',
        'orders.edit',
        'orders.foresee',
        'orders.index',
        'orders.ask',
        'orders.quotes',
        'orders.quotes.paper',
        'orders.colours',
        'orders.colours.drawing',
        'orders.line',
        'orders.more',
        'orders.artworks',
        'orders.names',
        'orders.names.check',
        'orders.names.drawing',
        'orders.names.tape',
        'orders.names.track',
        'orders.show',
        'orders.slip',
        'orders.story',
        'orders.tags',
        'plan.ask',
        'plan.calendar',
        'plan.consequence',
        'plan.csv',
        'plan.ics',
        'plan.lateness',
        'plan.promises',
        'plan.proposal',
        'plan.show',
        'plan.splitting',
        'plan.why',
        'setup.backing',
        'setup.clamps',
        'setup.clamps.proving',
        'setup.hooping.tape',
        'setup.hooping.track',
        'setup.index',
        'setup.measure',
        'setup.picture',
        'setup.picture.measure',
        'setup.practice',
        'setup.print',
        'setup.show',
        'setup.stickers',
        'shop.changes',
        'shop.show',
        'threads.csv',
        'threads.index',
        'threads.match',
        'threads.needs',
        'threads.preview',
        'threads.xlsx',
    ];
    private const OPERATOR = [
        'artwork.sewout',
        'floor.check',
        'floor.correct',
        'floor.events',
        'floor.finish',
        'floor.finished',
        'floor.who',
        'needles.fit',
        'needles.load',
        'needles.pin',
        'orders.arrive',
        'orders.hand',
        'setup.backing.add',
        'setup.clamps.keep',
        'setup.cut',
        'setup.keep',
        'setup.practice.log',
        'setup.stock',
        'threads.empty',
        'threads.store',
    ];
    private const PLANNER = [
        'artwork.cloth.keep',
        'artwork.cloth.together',
        'artwork.letters',
        'artwork.make.keep',
        'artwork.replace',
        'artwork.stops.keep',
        'artwork.store',
        'artwork.thread',
        'artwork.update',
        'catalogue.read',
        'catalogue.retire',
        'catalogue.update',
        'orders.artwork',
        'orders.quotes.answer',
        'orders.quotes.keep',
        'orders.cancel',
        'orders.change',
        'orders.add',
        'books.jobs',
        'books.learned',
        'books.learned.decide',
        'invoices.credit',
        'invoices.csv',
        'invoices.paper',
        'orders.invoice',
        'orders.colours.keep',
        'orders.list',
        'orders.money',
        'orders.money.keep',
        'orders.quote',
        'prices.csv',
        'prices.show',
        'orders.names.approve',
        'orders.names.keep',
        'orders.reopen',
        'orders.store',
        'plan.calendar.remove',
        'plan.down',
        'plan.due',
        'plan.extra',
        'plan.fix',
        'plan.lateness.keep',
        'plan.leave',
        'plan.merge',
        'plan.moves',
        'plan.off',
        'plan.person',
        'plan.propose',
        'plan.split',
        'plan.stop',
        'plan.take',
        'plan.undo',
        'plan.week',
        'setup.store',
        'threads.read',
        'threads.take',
    ];
    private const OWNER = [
        'begin.clear',
        'begin.demo',
        'begin.frames',
        'begin.pass',
        'begin.show',
        'begin.shop',
        'begin.threads',
        'begin.week',
        'begin.done',
        'machines.add',
        'prices.keep',
        'machines.code',
        'machines.retire',
        'machines.revoke',
        'machines.show',
        'people.add',
        'people.calendars',
        'people.retire',
        'people.secret',
        'people.show',
        'people.tablet',
        'people.tablet.revoke',
        'people.update',
        'shop.rules',
        'shop.undo',
    ];

    public static function isOpen(string $route): bool
    {
        return in_array($route, self::OPEN, true);
    }

    public static function hasKey(string $route): bool
    {
        return in_array($route, self::KEYED, true);
    }

    /** The least role that is let in; null: nobody is. */
    public static function least(string $route): ?Role
    {
        return match (true) {
            in_array($route, self::VIEWER, true) => Role::Viewer,
            in_array($route, self::OPERATOR, true) => Role::Operator,
            in_array($route, self::PLANNER, true) => Role::Planner,
            in_array($route, self::OWNER, true) => Role::Owner,
            default => null,
        };
    }

    /** @return list<string> every route there is a word on */
    public static function routes(): array
    {
        return [...self::OPEN, ...self::VIEWER, ...self::OPERATOR, ...self::PLANNER, ...self::OWNER];
    }
}
