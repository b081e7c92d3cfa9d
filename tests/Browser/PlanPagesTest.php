<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;

/** The plan under the hand: lifted by keys, dragged, undone; proposals, what-ifs and questions. */
final class PlanPagesTest extends BrowserTestCase
{
    #[Test]
    public function a_batch_is_lifted_by_keys_weighed_put_back_let_go_and_undone(): void
    {
        $this->visit('/plan');
        $batch = $this->lastOn('M2');
        $css = ".bar[data-batch=\"{$batch}\"]";
        $placement = $this->attribute($css, 'data-rank');
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', [$css]);
        $this->shift(WebDriverKeys::ARROW_LEFT);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => str_contains($this->textOf('#consequence'), "{$batch} would end"));
        self::assertNotSame('', $this->attribute('#caret', 'd'), 'where it would go is marked');
        self::assertSame($placement, $this->attribute($css, 'data-rank'), 'nothing is moved yet');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->sees('It stays where it was.');
        self::assertSame('', $this->attribute('#caret', 'd'));

        $this->shift(WebDriverKeys::ARROW_LEFT);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => str_contains($this->textOf('#consequence'), 'Enter drops it there'));
        $this->keys(WebDriverKeys::ENTER);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->attribute($css, 'data-rank') === (string) ((int) $placement - 1),
                'it was not moved',
            );
        self::assertStringContainsString("{$batch} ends", $this->textOf('#consequence'));
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('z');
        $this->sees('Undone:');
        self::assertSame($placement, $this->attribute($css, 'data-rank'));
    }

    #[Test]
    public function where_a_machine_is_less_suited_the_page_of_a_batch_says_by_how_many_minutes_and_why(): void
    {
        $this->visit('/plan');
        $pages = $this->browser->executeScript(
            "return [...document.querySelectorAll('.bar')].map((one) => one.dataset.href)",
        );
        self::assertIsArray($pages);
        $said = array_filter($pages, function (mixed $page): bool {
            $this->browser->get((string) $page);

            return str_contains($this->text(), 'Less suited');
        });
        self::assertNotSame([], $said, 'hoodies and blankets hang behind the arm of a machine without a gap');
        self::assertLessThan(count($pages), count($said), 'the others do not');
        $this->browser->get((string) array_values($said)[0]);
        self::assertMatchesRegularExpression(
            '/M\d: \d+ min at risk, bulk behind the arm without a gap under the carriage/',
            $this->text(),
        );
    }

    #[Test]
    public function while_it_is_dragged_a_batch_says_what_letting_go_would_bring(): void
    {
        $this->visit('/plan');
        // The first of M2 has not begun, and M3 could sew it too.
        $batch = (string) $this->attribute('.bar[data-machine="M2"][data-rank="0"]', 'data-batch');
        $this->browser->executeScript(
            <<<'JS'
            const bar = document.querySelector(`.bar[data-batch="${arguments[0]}"]`);
            const always = {button: 0, bubbles: true, cancelable: true};
            const at = (el, x, y, kind) =>
                el.dispatchEvent(new PointerEvent(kind, {clientX: x, clientY: y, ...always}));
            const from = bar.querySelector('.edge').getBoundingClientRect();
            const lane = document.querySelector('[data-lane="M3"]').getBoundingClientRect();
            const [x, y] = [from.left + 6, from.top + 10];
            at(bar.querySelector('.edge'), x, y, 'pointerdown');
            for (let i = 1; i <= 6; i++) at(document, x, y + (lane.top + 30 - y) * i / 6, 'pointermove');
            JS
            ,
            [$batch],
        );
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => str_contains($this->textOf('#consequence'), "{$batch} would end")
                    && str_contains($this->textOf('#consequence'), 'on M3'),
            );
        self::assertSame('M2', $this->attribute(".bar[data-batch=\"{$batch}\"]", 'data-machine'));
        // Let go over no lane, it stays.
        $this->browser->executeScript(
            "document.dispatchEvent(new PointerEvent('pointerup', {clientX: 5, clientY: 5, bubbles: true}))",
        );
        self::assertSame('M2', $this->attribute(".bar[data-batch=\"{$batch}\"]", 'data-machine'));
    }

    #[Test]
    public function a_batch_that_is_let_go_over_another_lane_stands_there_and_is_undone(): void
    {
        $this->visit('/plan?zoom=week');
        $batch = (string) $this->attribute('.bar[data-machine="M2"][data-rank="0"]', 'data-batch');
        $css = ".bar[data-batch=\"{$batch}\"]";
        $this->browser->executeScript(
            <<<'JS'
            const bar = document.querySelector(`.bar[data-batch="${arguments[0]}"]`);
            const always = {button: 0, bubbles: true, cancelable: true};
            const at = (el, x, y, kind) =>
                el.dispatchEvent(new PointerEvent(kind, {clientX: x, clientY: y, ...always}));
            const from = bar.querySelector('.edge').getBoundingClientRect();
            const lane = document.querySelector('[data-lane="M3"]').getBoundingClientRect();
            const [x, y] = [from.left + 6, from.top + 10];
            at(bar.querySelector('.edge'), x, y, 'pointerdown');
            // To the right end of the lane: behind what is there.
            for (let i = 1; i <= 6; i++) at(document, x + (lane.right - 12 - x) * i / 6, y + (lane.top + 30 - y) * i / 6, 'pointermove');
            at(document, lane.right - 12, lane.top + 30, 'pointerup');
            JS
            ,
            [$batch],
        );
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => $this->attribute($css, 'data-machine') === 'M3', 'it was not moved');
        self::assertStringContainsString("{$batch} ends", $this->textOf('#consequence'));
        $this->keys('z');
        $this->sees('Undone:');
        self::assertSame(['M2', '0'], [$this->attribute($css, 'data-machine'), $this->attribute($css, 'data-rank')]);
    }

    #[Test]
    public function a_batch_is_carried_to_another_machine_by_keys(): void
    {
        $this->visit('/plan?zoom=week');
        $batch = (string) $this->attribute('.bar[data-machine="M2"][data-rank="0"]', 'data-batch');
        $css = ".bar[data-batch=\"{$batch}\"]";
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', [$css]);
        $this->shift(WebDriverKeys::ARROW_DOWN);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => str_contains($this->textOf('#consequence'), "{$batch} would end")
                    && str_contains($this->textOf('#consequence'), 'on M3'),
            );
        $this->keys(WebDriverKeys::ENTER);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => $this->attribute($css, 'data-machine') === 'M3', 'it was not moved');
        self::assertSame(
            $batch,
            $this->browser->executeScript('return document.activeElement.dataset.batch'),
            'it keeps the focus',
        );
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('z');
        $this->sees("Undone: {$batch} moved on M3.");
        self::assertSame('M2', $this->attribute($css, 'data-machine'));
    }

    #[Test]
    public function the_usual_week_is_written_as_people_write_it_and_a_wrong_day_keeps_the_others(): void
    {
        $this->visit('/plan/calendar');
        $this->type('#week-6', '9-13');
        $this->type('#week-2', 'early');
        $this->press('Save these hours');
        $this->sees('Write hours like 08:00-12:00');
        self::assertSame(
            ['9-13', 'early'],
            [$this->attribute('#week-6', 'value'), $this->attribute('#week-2', 'value')],
        );
        $this->type('#week-2', '6-14, 13:30-22');
        $this->press('Save these hours');
        $this->sees('Working hours saved');
        self::assertSame(
            ['09:00-13:00', '06:00-22:00'],
            [$this->attribute('#week-6', 'value'), $this->attribute('#week-2', 'value')],
        );
        $this->visit('/plan?zoom=week');
        $this->sees('Sat 7 Mar');
    }

    #[Test]
    public function what_is_fixed_or_split_is_undone_with_the_same_key(): void
    {
        $this->visit('/plan');
        $batch = $this->lastOn('M2');
        $this->visit("/plan/batches/{$batch}");
        $this->keys('x');
        $this->sees('is fixed to its machine and start');
        $this->keys('z');
        $this->sees("Undone: {$batch} fixed.");
        $bars = count($this->all('.bar'));
        $this->visit("/plan/batches/{$batch}");
        $this->keys('p');
        foreach (['2' => 'The 2 pieces would go on', '3' => 'The 3 pieces would go on'] as $pieces => $said) {
            $this->type('#pieces', (string) $pieces);
            $this->browser
                ->wait(8, 100)
                ->until(
                    fn(): bool => str_contains($this->textOf('#splitting'), $said),
                    'what it would bring is not said',
                );
        }
        $this->press('Split off these pieces');
        $this->sees("it follows {$batch}");
        $this->keys('z');
        $this->sees('Undone:');
        self::assertCount($bars, $this->all('.bar'));
    }

    #[Test]
    public function the_needle_card_is_a_key_away_from_the_machine_and_the_machine_from_it(): void
    {
        $this->visit('/floor/M1');
        $this->keys('n');
        $this->sees('is running on');
        self::assertNotSame([], $this->all('.needle-number'));
        $this->keys('b');
        $this->sees('At the machines');
        $this->keys('m');
        $this->sees('Rack of M1 at');
    }

    #[Test]
    public function who_is_away_is_written_into_the_calendar_and_stands_below_the_lanes(): void
    {
        $this->visit('/plan/calendar');
        foreach (
            ['#who' => 'Maren', '#first_day' => '2026-03-05', '#from_time' => '13:00', '#to_time' => '09:00'] as $css => $value
        ) {
            $this->set($css, $value);
        }
        $this->press('Add to the calendar');
        $this->sees('Enter an end after the start');
        self::assertSame('Maren', $this->attribute('#who', 'value'), 'what was typed is still there');
        $this->set('#to_time', '17:00');
        $this->press('Add to the calendar');
        $this->sees('Maren is away Thu 5 Mar, 13:00 to 17:00');
        $this->visit('/plan?day=1');
        $this->sees('Maren is away Thu 5 Mar, 13:00 to 17:00.');
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => in_array(
                    '1 there, for 3 machines',
                    array_map(
                        static fn($text): string => (string) $text->getDomProperty('textContent'),
                        $this->all('.hands text'),
                    ),
                    true,
                ),
                'who is in does not stand above the hands',
            );
    }

    #[Test]
    public function somebody_is_ill_and_what_only_they_may_do_waits_for_them(): void
    {
        $this->mayAlone('Odo', 'caps', 'lettering');
        $this->sees('Odo may do alone: caps, names.');
        $this->visit('/plan');
        self::assertStringNotContainsString('somebody who may do', $this->text());

        $this->visit('/plan/calendar');
        foreach (['#who' => 'Odo', '#first_day' => '2026-03-04', '#last_day' => '2026-03-06'] as $css => $value) {
            $this->set($css, $value);
        }
        $this->press('Add to the calendar');
        $this->sees('Odo is away');
        $this->visit('/plan');
        $this->sees('for somebody who may do caps alone');
        // An owner ticks another, and it goes on.
        $this->mayAlone('Ilse', 'caps', 'lettering');
        $this->sees('Ilse may do alone: caps, names.');
        $this->visit('/plan');
        self::assertStringNotContainsString('somebody who may do', $this->text());
        foreach (['Ilse', 'Odo'] as $name) {
            $this->mayAlone($name, 'caps', 'lettering');
            $this->sees("{$name} is not signed off for anything.");
        }
    }

    #[Test]
    public function a_shift_is_handed_over_on_one_page_that_is_printed(): void
    {
        $this->visit('/floor/board');
        $this->keys('u');
        $this->sees('Hand-over, Wednesday 4 March');
        foreach (['At the machines', 'Due by the end of the next working day', 'Missing', 'What went wrong'] as $part) {
            self::assertStringContainsString($part, $this->text());
        }
        self::assertStringContainsString('piece spoiled', $this->text(), 'by the log of the morning');
        $this->browser->executeScript('window.print = () => document.title = "printed"');
        $this->keys('p');
        $this->browser->wait(8, 100)->until(fn(): bool => $this->browser->getTitle() === 'printed', 'p prints it');
        $this->keys('b');
        $this->sees('All machines');
    }

    #[Test]
    public function a_better_plan_is_found_taken_in_part_and_undone(): void
    {
        $this->visit('/plan');
        // What is due last is first: there is something to be found, whatever was changed before.
        foreach (['M1', 'M2'] as $machine) {
            $this->putFirst($this->lastOn($machine), $machine, $machine === 'M1' ? 1 : 0);
        }
        $this->visit('/plan');
        $before = $this->ranks();
        $this->keys('f');
        $this->sees('Use this plan');
        $this->sees('In order of arrival');
        $boxes = $this->all('input[name="codes[]"]');
        self::assertGreaterThan(1, count($boxes));
        foreach (array_slice($boxes, 1) as $box) {
            $box->click();
        }
        $taken = (string) $boxes[0]->getAttribute('value');
        $this->keys('a');
        $this->sees("In use now: {$taken}.");
        self::assertNotSame($before, $this->ranks());
        $this->keys('z');
        $this->sees('Undone: proposal used in part');
        self::assertSame($before, $this->ranks());
        foreach (['M2', 'M1'] as $machine) {
            $this->keys('z');
            $this->sees("moved on {$machine}");
        }
    }

    #[Test]
    public function a_machine_breaks_down_and_the_mended_plan_is_taken_and_undone(): void
    {
        $this->visit('/plan/calendar');
        $this->choose('#machine', 'M2');
        $this->set('#what', 'hook broken');
        $this->set('#from', '2026-03-04T14:00');
        $this->set('#to', '2026-03-05T17:00');
        $this->press('Add downtime');
        $this->sees('hook broken');
        $this->visit('/plan');
        $this->sees('will be late');
        $before = $this->ranks();
        $this->keys('m');
        $this->sees('mended with a few moves');
        $this->sees('To change: ');
        $moved = count($this->all('input[name="codes[]"]'));
        self::assertGreaterThan(0, $moved);
        self::assertLessThanOrEqual(3, $moved);
        $this->keys('t');
        $this->sees('The proposal is now the plan.');
        self::assertNotSame($before, $this->ranks());
        $this->keys('z');
        $this->sees('Undone: proposal used');
        self::assertSame($before, $this->ranks());
        $this->visit('/plan/calendar');
        $this->press('Remove');
    }

    #[Test]
    public function blanks_come_later_and_what_is_here_is_run_apart_and_put_together_again(): void
    {
        $this->visit('/orders/1006/story');
        $form = 'form[action$="/expected"]';
        $send = "{$form} button";
        $this->browser->executeScript('document.querySelector(arguments[0]).closest("details").open = true', [$form]);
        $this->find($send)->click();
        $this->sees('How many come (1–9999).');
        $this->set("{$form} [name=expected]", '3');
        $this->set("{$form} [name=expected_on]", '2026-03-05');
        $this->find($send)->click();
        $this->sees('3 blanks come on Thu 5 Mar');
        $this->sees('waits until Thu 12:00 for 3 blanks and ends');
        $this->sees('Run apart: the 9 that are here end');
        $this->keys('a');
        $this->sees('split off as');
        $this->sees('3 come Thu 12:00');
        $this->visit('/plan');
        $this->sees('blanks come Thu 12:00');
        $this->keys('z');
        $this->sees('Undone:');
        $this->visit('/orders/1006/story');
        $this->press('They do not come');
        $this->sees('No longer expected.');
        self::assertStringNotContainsString('waits until', $this->text());
    }

    #[Test]
    public function what_if_a_machine_is_down_is_shown_beside_the_plan_and_thrown_away(): void
    {
        $this->visit('/plan/ask');
        $this->choose('#machine', 'M2');
        $this->press('Calculate');
        $this->sees('Enter until when it is down.');
        self::assertSame('M2', $this->find('#machine')->getAttribute('value'));
        $this->set('#until', '2026-03-05T12:00');
        $this->press('Calculate');
        $this->sees('What if: M2 is down until Thu 5 Mar 12:00');
        $this->sees('Current, after that');
        $this->keys('v');
        $this->sees('Proposal discarded; the plan is unchanged.');
    }

    #[Test]
    public function a_question_is_answered_and_why_a_batch_is_there_stands_behind_it(): void
    {
        $this->visit('/plan/ask');
        $this->type('#pieces', 'a few');
        $this->press('Ask');
        $this->sees('Pieces: 1 to 2000.');
        $this->type('#pieces', '10');
        $this->press('Ask');
        $this->sees('Without moving other orders');
        $this->visit('/plan');
        $this->browser->executeScript('document.querySelectorAll(".bar")[1].focus()');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('places');
    }

    #[Test]
    public function the_cloth_is_looked_at_from_hours_to_a_week(): void
    {
        $this->visit('/plan');
        $wide = (float) $this->browser->executeScript('return document.querySelector(".bar .edge").getBBox().width');
        $this->keys('h');
        $this->browser->wait(8, 100)->until(fn(): bool => $this->attribute('#plan', 'data-zoom') === 'hour');
        self::assertGreaterThan(
            $wide,
            (float) $this->browser->executeScript('return document.querySelector(".bar .edge").getBBox().width'),
        );
        $this->keys('w');
        $this->browser->wait(8, 100)->until(fn(): bool => $this->attribute('#plan', 'data-zoom') === 'week');
        $this->sees('Week from Wednesday 4 March');
        self::assertLessThan(
            $wide,
            (float) $this->browser->executeScript('return document.querySelector(".bar .edge").getBBox().width'),
        );
    }

    /** The owner's word on the page of people. */
    private function mayAlone(string $name, string ...$skills): void
    {
        $this->visit('/shop/people');
        $id = $this->browser->executeScript(
            'return [...document.querySelectorAll("[id^=alone-]")].find(name => name.textContent === arguments[0])?.id',
            [$name],
        );
        foreach ($skills as $skill) {
            $this->find("[aria-labelledby='{$id}'] [value={$skill}]")->click();
        }
        $this->find("[aria-labelledby='{$id}'] button")->click();
    }

    private function lastOn(string $machine): string
    {
        $this->find('#plan');

        return (string) $this->browser->executeScript(
            'const all = [...document.querySelectorAll(`.bar[data-machine="${arguments[0]}"]`)].sort((a, b) => '.
            'a.dataset.rank - b.dataset.rank); return all[all.length - 1].dataset.batch',
            [$machine],
        );
    }

    /** @return array<string, list<mixed>> what stands where, all days */
    private function ranks(): array
    {
        $this->visit('/plan?zoom=week');
        $this->find('#plan');
        $placements = $this->browser->executeScript(
            'return Object.fromEntries([...document.querySelectorAll(".bar")].map((el) => [el.dataset.batch, '.
            '[el.dataset.machine, el.dataset.rank]]))',
        );
        ksort($placements);

        return $placements;
    }
}
