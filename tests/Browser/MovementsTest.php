<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;

final class MovementsTest extends BrowserTestCase
{
    public function testMovementsAreFoundSeenAndCompared(): void
    {
        $this->signIn();
        $this->visit('/movements');
        $this->see('movements and practices, head to toe');
        $this->press('Hips');
        $this->until(fn (): bool => str_contains($this->text(), 'Circle the knee') && !str_contains($this->text(), 'Look up gently'), 'only hips');
        $this->field('Find a movement')->sendKeys('rock from');
        $this->until(fn (): bool => str_contains($this->text(), 'Rock from side to side on the seat') && !str_contains($this->text(), 'Circle the knee'), 'what was typed');
        $this->assertAccessible('the library');

        $this->press('Rock from side to side on the seat');
        $this->see('From gentlest to fullest');
        $drawn = fn (): string => (string) $this->browser->executeScript("return [...document.querySelectorAll('figure svg path')].map((path) => path.getAttribute('d')).join()");
        $before = $drawn();
        $this->until(fn (): bool => $drawn() !== $before, 'the figure to move');
        $this->press('Hold still');
        $held = $drawn();
        $this->press('from above');
        $this->until(fn (): bool => $drawn() !== $held, 'the figure seen from above');
        self::assertSame('from above', $this->find('[aria-label=Seen] [aria-pressed=true]')->getText());
        // Its two ways stand side by side, seen from there as well.
        $ways = fn (): array => (array) $this->browser->executeScript("return [...document.querySelectorAll('[aria-label=\"Both ways, side by side\"] svg')].map((way) => [way.getAttribute('aria-label'), [...way.querySelectorAll('path')].map((path) => path.getAttribute('d')).join()])");
        $this->until(fn (): bool => !in_array('', array_column($ways(), 1), true), 'both ways');
        self::assertSame(['Left', 'Right'], array_column($ways(), 0));
        self::assertCount(2, array_unique(array_column($ways(), 1)));
        // What is saved is handed over as a file whose colours are its own.
        $this->browser->executeScript('window.saved = []; window.files = []; const made = URL.createObjectURL; URL.createObjectURL = (file) => { window.files.push(file); return made(file); }; HTMLAnchorElement.prototype.click = function () { window.saved.push(this.download); };');
        $this->press('Save as lines (SVG)');
        $this->press('Save as a picture (PNG)');
        $this->until(fn (): bool => count((array) $this->browser->executeScript('return window.saved')) === 2, 'both files');
        self::assertSame(['seat-rock-full-chair.svg', 'seat-rock-full-chair.png'], $this->browser->executeScript('return window.saved'));
        $file = (string) $this->browser->executeAsyncScript('const done = arguments[0]; window.files[0].text().then(done)');
        self::assertStringNotContainsString('var(', $file);
        $this->press('Wheelchair');
        $this->assertAccessible('a movement');

        $this->press('Compare');
        $this->see('Choose the movement to compare with.');
        $this->field('Find a movement')->sendKeys('wipers');
        $this->field('Find a movement')->clear();
        $this->field('Find a movement')->sendKeys('knee circ');
        $this->press('Circle the knee');
        $this->see('Two movements side by side');
        $this->assertAccessible('two movements');
        self::assertSame([], $this->console());
    }

    public function testAnOwnMovementIsMadeByKeyboardAndPlanned(): void
    {
        $this->signIn();
        $this->visit('/movements/side-lean');
        $this->press('Make my version');
        $this->see('Nothing to settle. It can be kept and used.');
        $this->retype($this->field('Name, in plain words'), 'Lean like a reed');
        // The other arm goes up, by keyboard: what it asks of people is worked out from the shape.
        $this->choose('Joint', 'Shoulder, right');
        $this->see('arm out and up');
        $slider = $this->browser->findElement(WebDriverBy::xpath('//label[contains(., "arm out and up")]/following-sibling::input'));
        $slider->sendKeys(array_fill(0, 25, WebDriverKeys::ARROW_RIGHT));
        $this->see('155°');
        $this->assertAccessible('the editor');

        $this->press('Ladder');
        $this->see('Raising an arm 155°');
        // A hand is laid on a place by choosing it, and taken away by drawing it off.
        $this->choose('Joint', 'Wrist, left');
        $this->choose('In this step the hand lies on', 'Side or top of the head');
        $this->see('A hand on the head');
        $held = fn () => $this->find('svg[role=group] circle[r="4.5"]');
        (new WebDriverActions($this->browser))->moveToElement($held())->clickAndHold()->moveByOffset(-60, -40)->moveByOffset(-60, -20)->release()->perform();
        $this->see('Draw the hand onto a place, or choose one.');
        $this->until(fn (): bool => !str_contains($this->find('[data-asks]')->getText(), 'A hand on the head'), 'the hand gone from the head');
        $this->see('Nothing to settle. It can be kept and used.');
        $this->press('Steps');
        $cue = $this->field('What you say the first time');
        $this->retype($cue, 'Lean left like a reed.');
        $this->see('Write {side} or {other} for left and right');
        $this->retype($cue, 'Lean {side} like a reed.');
        $this->see('Nothing to settle. It can be kept and used.');
        $this->press('Keep this version');
        $this->see('Used in');
        $this->see('Lean left like a reed.');

        $this->visit('/');
        $this->press('New class');
        $this->retype($this->field('Name'), 'Reeds');
        $this->press('Plan this class');
        $this->press('Add the first movement of Arrive');
        $this->find('[role=dialog] input[type=search]')->sendKeys('reed');
        $this->press('Lean like a reed');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-name="Lean like a reed"] svg path.figure-body')) !== [], 'its figure in the plan');
        self::assertSame([], $this->console());
    }
}
