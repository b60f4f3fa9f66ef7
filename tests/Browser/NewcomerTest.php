<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;
use Tests\Support\Stored;

/** Somebody's first day, by what the screen offers, counted in clicks and keys; and the same by keys alone. */
final class NewcomerTest extends BrowserTestCase
{
    protected const LEAD_SPEED = 40;

    private int $clicks = 0;

    private int $typed = 0;

    private function click(string $words): void
    {
        ++$this->clicks;
        $this->press($words);
    }

    private function type(string $label, string $words, bool $enter = false): void
    {
        $this->typed += mb_strlen($words) + (int) $enter;
        $this->field($label)->sendKeys($words . ($enter ? WebDriverKeys::ENTER : ''));
    }

    private function invited(): void
    {
        $this->signIn();
        $this->visit('/account');
        $this->press('Make a link');
        $link = (string) $this->field('Give them this link')->getAttribute('value');
        $this->press('Sign out');
        $this->see('Sign in');
        $this->visit((string) parse_url($link, PHP_URL_PATH));
    }

    private function joins(): void
    {
        $this->type('The name you teach under', 'Ann');
        $this->type('E-mail', 'ann@home.example');
        $this->type('Password, ten letters or more', 'kind chairs');
        $this->type('The same password again', 'kind chairs', true);
        $this->see('First steps');
    }

    public function testEachEmptyPlaceShowsAnExample(): void
    {
        $this->invited();
        $this->joins();
        foreach (['/' => 'Your first class', '/people' => 'Who comes to your class?', '/places' => 'Where do you teach?', '/log' => 'No class has been led yet'] as $page => $title) {
            $this->visit($page);
            $this->see($title);
            $this->see('For example:');
        }
    }

    public function testAFirstDayTakesFewClicksAndKeys(): void
    {
        $this->invited();
        $begun = microtime(true);
        $this->joins();

        $this->click('Note people');
        $this->click('New group');
        $this->type('Name of the group', 'Tuesday', true);
        $this->see('Nobody here yet');
        foreach (['A. B.', 'C. D.', 'E. F.', 'G. H.'] as $at => $name) {
            $this->click('Add a person');
            $this->type('Name or initials', $name, true);
            $this->see($at + 1 . ($at === 0 ? ' person' : ' people'));
        }
        $this->click('Classes');
        $this->see('4 noted.');
        $this->click('Make a class');
        $this->see('Made for Tuesday');
        $this->see('4 of 4 in everything');
        $this->click('Take this one');
        $this->see('Minutes, head to toe');
        self::assertGreaterThanOrEqual(12, count($this->browser->findElements(WebDriverBy::cssSelector('[data-row]'))));
        $this->see('Nothing to settle');
        $this->see('The bench is as long as the time you have booked');
        self::assertNotSame([], $this->browser->findElements(WebDriverBy::cssSelector('.shown-around[aria-label="The class on its bench"]')));
        $this->click('Next');
        $this->see('what could hurt somebody');
        $this->click('Skip');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.shown-around')));

        $this->click('Lead this class');
        $this->click('Begin');
        usleep(300_000);
        $this->click('End');
        $this->click('Keep it in the log');
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/log/'), 'the log');

        self::assertSame(4, Stored::value(self::$server->database(), 'select count(*) from attendances where led_class_id = (select max(id) from led_classes)'));
        self::assertLessThanOrEqual(40, $this->clicks);
        self::assertLessThanOrEqual(120, $this->typed);
        self::assertLessThan(60 * \Tests\Support\Patience::factor(), microtime(true) - $begun, 'seconds of machine time');
        $this->visit('/');
        $this->see('Tuesday');
        self::assertStringNotContainsString('First steps', $this->text(), 'who has led a class knows the way');
    }

    /** Goes with Tab to what is called so, as one who has no mouse does. */
    private function tabTo(string $words): void
    {
        for ($steps = 0; $steps < 90; ++$steps) {
            $this->keys(WebDriverKeys::TAB);
            $here = (string) $this->browser->executeScript('const one = document.activeElement; return [one.getAttribute("aria-label"), one.textContent, one.labels?.[0]?.textContent].filter(Boolean).join(" ")');
            if (str_contains($here, $words)) {
                return;
            }
        }
        self::fail("Not reached by Tab: $words");
    }

    public function testAWholeDayIsGoneThroughByKeysAlone(): void
    {
        $this->signIn();
        // People
        $this->tabTo('People');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('Agnes T.');
        $this->tabTo('Add a person');
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.name') === 'name', 'the first field');
        $this->keys('By Key', WebDriverKeys::ENTER);
        $this->see('By Key');
        // A class
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [], 'the dialog to close');
        $this->keys('/');
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.getAttribute("aria-label")') === 'Find anything', 'the search');
        $this->keys('tuesday');
        $this->see('Tuesday seated class');
        $this->until(fn (): bool => $this->browser->executeScript('return document.querySelector("[role=dialog]").textContent.includes("Classes")'), 'classes among what was found');
        $this->tabTo('Tuesday seated class');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('Minutes, head to toe');
        // Plan: more, and a movement added by one key from the search
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.matches("[data-select]")'), 'a movement to have the focus');
        $before = count($this->browser->findElements(WebDriverBy::cssSelector('[data-row]')));
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.type') === 'search', 'the search for movements');
        $this->keys('shrug');
        $this->until(fn (): bool => str_starts_with((string) $this->browser->executeScript('return document.querySelector("[data-result]")?.textContent ?? ""'), 'Lift and drop the shoulders'), 'the shrug first');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('Added: Lift and drop the shoulders');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('[data-row]'))) === $before + 1, 'one movement more');
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.closest("[data-row]")?.dataset.name') === 'Lift and drop the shoulders', 'the focus on what was added');
        $this->until(fn (): bool => str_contains((string) $this->browser->executeScript('return document.querySelector("[data-said]").textContent'), 'Saved.'), 'being told that it is saved');
        // Lead and log
        $this->keys('l');
        $this->see('Begin');
        $this->keys(' ');
        $this->until(fn (): bool => (string) $this->browser->executeScript('return document.querySelector("[data-said]").textContent') !== '', 'the cue being said');
        $this->keys(WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE);
        $this->see('End the class here?');
        $this->tabTo('Keep it in the log');
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/log/'), 'the log');
    }

    public function testSingleKeysCanBeSwitchedOffAndActOnlyWhereTheFocusIs(): void
    {
        $this->signIn();
        $this->press('Settle and plan');
        $this->see('Minutes, head to toe');
        $rows = fn (): int => count($this->browser->findElements(WebDriverBy::cssSelector('[data-row]')));
        $before = $rows();
        // From the head of the page Delete takes nothing out.
        $this->browser->executeScript('document.querySelector("header a").focus()');
        $this->keys(WebDriverKeys::DELETE);
        usleep(400_000);
        self::assertSame($before, $rows());
        $this->visit('/help');
        $this->press('Do nothing');
        $this->visit('/classes/1/plan');
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.matches("[data-select]")'), 'a movement to have the focus');
        $this->keys('l');
        usleep(400_000);
        self::assertStringContainsString('/plan', $this->browser->getCurrentURL());
    }
}
