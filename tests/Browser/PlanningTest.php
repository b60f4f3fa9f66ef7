<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Support\BrowserTestCase;
use Tests\Support\PlansInBrowser;

final class PlanningTest extends BrowserTestCase
{
    use PlansInBrowser;

    private function saved(string $what, callable $holds): void
    {
        $this->until($holds, $what);
        $this->addToAssertionCount(1);
    }

    public function testSignInIsNeededAndADemoIsOneClickAway(): void
    {
        $this->visit('/people');
        $this->see('Good to see you');
        self::assertStringEndsWith('/sign-in', $this->browser->getCurrentURL());
        $this->press('Open the demo');
        $this->see('Tuesday group, Ferry House: 10 people');
        $this->visit('/');
        $this->see('2 to settle');
        self::assertSame([], $this->console());
    }

    public function testAWrongPasswordIsToldKindly(): void
    {
        $this->visit('/sign-in');
        $this->field('E-mail')->sendKeys('someone@kind-chair.example');
        $this->field('Password')->sendKeys('not this one');
        $this->browser->findElement(WebDriverBy::xpath('//button[normalize-space(.)="Sign in"]'))->click();
        $this->see('Please try once more');
        self::assertSame('someone@kind-chair.example', $this->field('E-mail')->getAttribute('value'));
    }

    public function testAClassIsPlannedByKeyboardAndSurvivesAReload(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Turn to the side');
        $this->add('Head to toe', 'Look over each shoulder');
        $this->see('jumps from spine to head and neck');
        $this->find('[data-name="Look over each shoulder"] [data-select]')->click();
        $this->withAlt(WebDriverKeys::ARROW_UP);
        $this->saved('the neck first', fn (): bool => $this->rows() === ['Look over each shoulder', 'Turn to the side']);
        $this->until(fn (): bool => !str_contains($this->text(), 'jumps from spine'), 'the order to be settled');
        $this->find('[data-name="Look over each shoulder"] [data-select]')->click();
        $this->keys('+', '+');
        $this->see('6 breaths each side');
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->see('Hand on the other thigh');
        $this->keys(WebDriverKeys::DELETE);
        $this->saved('one movement', fn (): bool => $this->rows() === ['Look over each shoulder']);
        $this->browser->action()->keyDown(null, WebDriverKeys::CONTROL)->sendKeys(null, 'z')->keyUp(null, WebDriverKeys::CONTROL)->perform();
        $this->saved('the turn again', fn (): bool => count($this->rows()) === 2);
        $this->browser->navigate()->refresh();
        $this->see('6 breaths each side');
        self::assertSame(['Look over each shoulder', 'Turn to the side'], $this->rows());
        self::assertSame([], $this->console());
    }

    public function testAMissingSideIsShownAndAddedWithOnePress(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        (new WebDriverSelect($this->field('Sides')))->selectByVisibleText('Only the left');
        $this->see('Lean to the side has only the left side.');
        $this->see('4 breaths left only');
        $this->press('Add right side');
        $this->see('4 breaths each side');
        $this->until(fn (): bool => !str_contains($this->text(), 'has only the left side'), 'the finding to be gone');
        $this->press('Undo');
        $this->see('has only the left side');
        $this->see('On purpose');
        $this->browser->findElement(WebDriverBy::xpath('//label[contains(., "On purpose")]/input'))->click();
        $this->until(fn (): bool => !str_contains($this->text(), 'has only the left side'), 'no finding when it is on purpose');
    }

    public function testAFindingOfTheDemoIsSettledAndUndone(): void
    {
        $this->signIn();
        $this->press('Settle and plan');
        $this->see('2 to settle');
        $remedy = $this->find('[data-finding^="keeps-order"]');
        self::assertStringStartsWith('Move it ', $remedy->getText());
        $before = $this->rows();
        $remedy->click();
        $this->see('Done: Move it ');
        $this->see('1 to settle');
        self::assertNotSame($before, $this->rows());
        $this->press('Undo');
        $this->see('2 to settle');
        self::assertSame($before, $this->rows());
    }

    public function testAVariationADoseAndARoundAreChosenWithTheMouse(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        $this->add('Head to toe', 'Turn to the side');
        (new WebDriverSelect($this->field('Variation')))->selectByVisibleText('A small turn, hands in the lap');
        $this->press('One less');
        $this->see('3 breaths each side');
        (new WebDriverSelect($this->field('Counted in')))->selectByValue('seconds');
        $this->see('0:30 each side');
        $this->find('[data-name="Lean to the side"] [data-select]')->click();
        $this->browser->action()->keyDown(null, WebDriverKeys::SHIFT)->click($this->find('[data-name="Turn to the side"] [data-select]'))->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $this->press('Round, one side and then the other');
        $this->find('[data-group="round"]');
        $this->press('Take apart');
        $this->saved('no round any more', fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-group]')) === []);
    }

    public function testAPropIsChosenForTheClassInOneTouchAndTakesItsTime(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        $planned = fn (): string => preg_match('/(\d+:\d\d) planned/', $this->text(), $found) === 1 ? $found[1] : '';
        $this->rest();
        $without = $planned();
        $this->choose('With a prop', 'Block at the side');
        $this->saved('the time in which blocks are handed out', fn (): bool => $planned() !== $without);
        $this->browser->navigate()->refresh();
        $this->see('Lean to the side');
        $this->find('[data-name="Lean to the side"] [data-select]')->click();
        self::assertStringEndsWith('+block-beside', (string) $this->find('select[aria-label="With a prop"]')->getAttribute('value'));
        $this->choose('With a prop', 'Without a prop');
        $this->until(fn (): bool => $planned() === $without, 'the time without');
        self::assertSame([], $this->console());
    }

    public function testAMovementIsDraggedToAnotherPlace(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $this->add('Warm', 'Arms float up and down');
        $this->add('Warm', 'Rock heels and toes');
        $handle = fn (string $name) => $this->find("[data-name=\"$name\"] [title='Drag to move']");
        $this->find('[data-name="Roll the shoulders"] [data-select]')->click();
        $this->browser->action()->moveToElement($handle('Rock heels and toes'))->clickAndHold()
            ->moveByOffset(0, -30)->moveToElement($handle('Roll the shoulders'))->moveByOffset(0, -6)->release()->perform();
        $this->saved('the dragged movement first', fn (): bool => $this->rows()[0] === 'Rock heels and toes');
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => count($this->rows()) === 3, 'the class after a reload');
        self::assertSame(['Rock heels and toes', 'Roll the shoulders', 'Arms float up and down'], $this->rows());
    }

    public function testHowTheClassIsTaughtChangesWhatIsComputed(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        $this->see('0:40');
        $this->press('More');
        $this->press('How this class is taught');
        (new WebDriverSelect($this->field('Breath')))->selectByValue('longer-out');
        $this->field('Minutes booked')->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $this->field('Minutes booked')->sendKeys(['20', WebDriverKeys::TAB]);
        $this->press('Close');
        $this->see('of a 20 min slot');
        $this->see('0:50');
        $this->press('Undo');
        $this->see('of a 45 min slot');
        $this->see('0:50');
    }

    public function testANoteIsKeptAndPrinted(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $this->field('Note for the cue sheet')->sendKeys(['Small ones for Ada', WebDriverKeys::TAB]);
        usleep(600_000);
        $this->press('Print cue sheet');
        $this->see('Small ones for Ada');
    }

    public function testTwoWindowsLoseNothing(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $first = $this->browser->getWindowHandle();
        $address = $this->browser->getCurrentURL();
        $this->browser->switchTo()->newWindow();
        $this->browser->get($address);
        $this->until(fn (): bool => count($this->rows()) === 1, 'the class in the second window');
        $this->add('Settle', 'Sit quietly');
        $this->browser->switchTo()->window($first);
        $this->press('Add to Warm');
        $this->find('[role=dialog] input[type=search]')->sendKeys('Rock heels');
        $this->press('Rock heels and toes');
        $this->see('Two versions of this class');
        $this->see('only here');
        $this->press('Go on with mine');
        $this->until(fn (): bool => $this->rows() === ['Roll the shoulders', 'Rock heels and toes'], 'my version');
        $this->done();
        $this->press('More');
        $this->press('Earlier versions');
        $this->press('set aside');
        $this->see('As it was then');
        $this->press('Go on with this one');
        $this->until(fn (): bool => $this->rows() === ['Roll the shoulders', 'Sit quietly'], 'the other one after all');
    }

    public function testEveryChangeIsSeenInTheSameFrame(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $this->add('Warm', 'Rock heels and toes');
        $this->rest();
        // Looked at before the next picture is painted: no answer can have come in between.
        $press = fn (string $button, string $look): mixed => $this->browser->executeAsyncScript(
            "const done = arguments[0]; $button.click(); requestAnimationFrame(() => done($look));",
        );
        $called = static fn (string $label): string => "document.querySelector('[aria-label=\"$label\"]')";
        $names = 'Array.from(document.querySelectorAll("[data-row]"), row => row.dataset.name).join()';
        $working = 'document.querySelector("main").dataset.working';

        self::assertSame('9 times, marked true', $press($called('One more'), $called('Counted in') . ".selectedOptions[0].text + ', marked ' + $working"));
        self::assertSame('Rock heels and toes,Roll the shoulders', $press($called('Move Rock heels and toes up'), $names));
        $this->until(fn (): bool => $this->browser->executeScript("return $working === undefined") === true, 'the answer');
        self::assertSame(['Rock heels and toes', 'Roll the shoulders'], $this->rows());
        self::assertSame('Roll the shoulders', $press('Array.from(document.querySelectorAll("[data-editor] button")).find(one => one.textContent === "Take out")', $names));
    }

    public function testWithoutTheServerOneGoesOnAndItIsSavedByItselfWhenItIsBack(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $this->add('Warm', 'Rock heels and toes');
        $this->rest();
        self::$server->kill();
        $this->press('One more');
        $this->see('Not saved');
        $this->press('Move Rock heels and toes up');
        $this->until(fn (): bool => $this->rows() === ['Rock heels and toes', 'Roll the shoulders'], 'the rows changed over');
        $this->press('Take out');
        $this->until(fn (): bool => $this->rows() === ['Roll the shoulders'], 'one row less');
        $this->press('Undo');
        $this->until(fn (): bool => $this->rows() === ['Rock heels and toes', 'Roll the shoulders'], 'it is back');
        $this->press('Undo');
        $this->press('Undo');
        $this->until(fn (): bool => $this->rows() === ['Roll the shoulders', 'Rock heels and toes'], 'as it was');
        $this->press('Redo');
        $this->press('Redo');
        $this->until(fn (): bool => $this->rows() === ['Rock heels and toes', 'Roll the shoulders'], 'changed again');
        self::$server->start();
        $this->until(fn (): bool => !str_contains($this->text(), 'Not saved'), 'being saved, without anything pressed', 40);
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->rows() === ['Rock heels and toes', 'Roll the shoulders'], 'what was stored');
        $this->see('9 times');
    }

    public function testThePlanIsWithoutBarriers(): void
    {
        $this->signIn();
        $this->assertAccessible('Classes');
        $this->press('Settle and plan');
        $this->see('Minutes, head to toe');
        $this->assertAccessible('Plan');
        $this->press('Add to Warm');
        $this->see('Add to Warm');
        usleep(300_000);
        $this->assertAccessible('Picker');
        self::assertSame([], $this->console());
    }

    public function testThePlanWorksOnAPhone(): void
    {
        $this->signIn();
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true],
        ]);
        $this->press('Settle and plan');
        $this->see('40:');
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'));
        $this->press('Who does what');
        $this->see('Show everyone');
        $this->assertAccessible('Plan on a phone');
    }
}
