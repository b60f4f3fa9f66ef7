<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;
use Tests\Support\PlansInBrowser;

/** Sets and interludes, made on the screen. */
final class GroupsTest extends BrowserTestCase
{
    use PlansInBrowser;

    public function testASetIsMadeByKeyboardAndDoneThreeTimes(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Look over each shoulder');
        $this->add('Head to toe', 'Lean to the side');
        $this->add('Head to toe', 'Turn to the side');
        $planned = fn (): string => (string) $this->browser->executeScript('return [...document.querySelectorAll("strong")].find(one => one.textContent.endsWith(" planned"))?.textContent');
        $this->until(fn (): bool => $planned() !== '', 'the time');
        $this->rest();
        $once = $planned();
        $this->find('[data-name="Look over each shoulder"] [data-select]')->click();
        $this->browser->action()->keyDown(null, WebDriverKeys::SHIFT)->sendKeys(null, WebDriverKeys::ARROW_DOWN)->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $this->see('2 movements chosen.');
        $this->assertAccessible('two movements chosen');
        $this->keys('s');
        $this->see('2 times');
        $this->until(fn (): bool => $planned() !== $once, 'the time of two rounds');
        $twice = $planned();
        $this->press('Once more');
        $this->see('3 times');
        $this->until(fn (): bool => !in_array($planned(), [$once, $twice], true), 'the time of three rounds');
        $this->choose('What changes each time', 'The other side first each time');
        $this->press('Fold');
        $this->see('Look over each shoulder, Lean to the side');
        $this->assertAccessible('a set');
        $this->browser->navigate()->refresh();
        $this->see('3 times');
        $this->press('Take apart');
        $this->until(fn (): bool => $planned() === $once, 'the time as before');
        self::assertSame([], $this->console());
    }

    public function testAnInterludeStandsBetweenTwoSides(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        $this->see('4 breaths each side');
        $this->find('[data-editor] button[aria-expanded="false"]')->click();
        $this->choose('Between the sides', 'Between the sides: Roll the shoulders');
        $this->see('Between the sides: Roll the shoulders');
        $this->choose('Time before it', '60 s to explain');
        $this->choose('Counted in', 'From … to …');
        $this->see('3 to 5 breaths each side');
        $this->find('[aria-label="Own words"] option:nth-child(2)')->click();
        $this->find('[aria-label="Your own words in this step"]')->sendKeys('Over like a tall reed.' . WebDriverKeys::TAB);
        $this->see('Saved');
        $this->browser->navigate()->refresh();
        $this->see('Between the sides: Roll the shoulders');
        $this->see('3 to 5 breaths each side');
        $this->find('[data-name="Lean to the side"] [data-select]')->click();
        $this->find('[data-editor] button[aria-expanded="false"]')->click();
        $this->find('[aria-label="Own words"] option:nth-child(2)')->click();
        self::assertSame('Over like a tall reed.', $this->find('[aria-label="Your own words in this step"]')->getAttribute('value'));
        $this->assertAccessible('own words');
        self::assertSame([], $this->console());
    }
}
