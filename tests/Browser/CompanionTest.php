<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Support\BrowserTestCase;
use Tests\Support\PlansInBrowser;

/** The planner thinks along: classes are made, looked at, settled, shortened and put together from what is there. */
final class CompanionTest extends BrowserTestCase
{
    use PlansInBrowser;

    /** A copy of the demo class, with what is to settle in it. */
    private function openDemo(): void
    {
        $this->signIn();
        $this->visit('/classes/new');
        // After the led one of last week, by date.
        (new WebDriverSelect($this->find('select[name=copyOf]')))->selectByIndex(2);
        $this->find('[data-drawn]');
        $this->press('Begin with it');
        $this->see('2 to settle');
    }

    private function planned(): string
    {
        return preg_match('/(\d+:\d\d) planned/', $this->text(), $found) === 1 ? $found[1] : '';
    }

    public function testAClassIsMadeForAGroupKeptInPartAndTaken(): void
    {
        $this->signIn();
        $this->visit('/classes/new');
        $this->find('[data-made="3"]');
        self::assertSame(3, count($this->browser->findElements(WebDriverBy::cssSelector('[data-candidate]'))));
        $first = $this->browser->findElement(WebDriverBy::cssSelector('[data-candidate="asked"]'));
        $first->findElement(WebDriverBy::cssSelector('summary'))->click();
        $row = $first->findElements(WebDriverBy::cssSelector('details [data-bone]'))[8];
        $gone = (string) $row->getAttribute('data-bone');
        $row->findElement(WebDriverBy::cssSelector('button'))->click();
        $this->find('[aria-label^="Do not ask for"]');
        $this->find('[data-made="3"]');
        $this->browser->findElement(WebDriverBy::cssSelector("[data-candidate=\"asked\"] details [data-bone=\"$gone\"] button"))->click();
        $this->find('[aria-label^="Allow again"]');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-made="3"]')) !== []
            && $this->browser->findElements(WebDriverBy::cssSelector("[data-candidate=\"asked\"] [data-bone=\"$gone\"]")) === [], "classes without $gone");
        $names = $this->browser->executeScript('return [...document.querySelectorAll(\'[data-candidate="quiet"] > div:last-of-type [data-bone]\')].length');
        $this->find('[data-candidate="quiet"] > button')->click();
        $this->see('Nothing to settle');
        self::assertSame($names, count($this->rows()), 'the class is what was shown');
        self::assertSame([], $this->console());
    }

    public function testAFindingIsLookedAtAndSetAside(): void
    {
        $this->openDemo();
        $this->press('Look at: Circle the ankle has only');
        $this->see('Set it aside');
        $this->see('Settle it so');
        $this->assertAccessible('a finding looked at');
        $this->press('In this class');
        $this->see('Please say why in a few words');
        $this->field('Your reason, kept with the class')->sendKeys('The other foot is in plaster');
        $this->press('In this class');
        $this->see('1 to settle');
        $this->browser->navigate()->refresh();
        $this->see('1 set aside');
        $this->browser->findElement(WebDriverBy::xpath('//summary[contains(., "set aside")]'))->click();
        $this->see('The other foot is in plaster');
        $this->press('Tell me again');
        $this->see('2 to settle');
    }

    public function testAllIsSettledInOneStepAndUndoneInOne(): void
    {
        $this->openDemo();
        $before = $this->rows();
        $this->press('Settle all at once');
        $this->see('Settle them');
        $this->press('Settle them');
        $this->see('Nothing to settle');
        self::assertNotSame($before, $this->rows());
        $this->press('Undo');
        $this->see('2 to settle');
        self::assertSame($before, $this->rows());
    }

    public function testAClassIsMadeShorterUnderASlider(): void
    {
        $this->openDemo();
        $this->press('More');
        $this->press('Shorter or longer');
        $slider = $this->find('[role=dialog] input[type=range]');
        while ((int) $slider->getAttribute('value') > 30) {
            $slider->sendKeys(WebDriverKeys::ARROW_LEFT);
        }
        $this->see('In 30 min');
        $this->assertAccessible('a class made shorter');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::xpath('//button[contains(., "Take it so") and not(@disabled)]')) !== [], 'the shorter class');
        $this->press('Take it so');
        $this->until(fn (): bool => (int) $this->planned() >= 28 && (int) $this->planned() < 30, 'a class of half an hour');
        $this->press('Undo');
        $this->until(fn (): bool => (int) $this->planned() >= 40, 'the class as it was');
    }

    public function testTypingAddsOnTheSpineAndARunIsKeptAsABlock(): void
    {
        $this->openPlan();
        foreach (['shoulder roll' => 1, 'lean to the side' => 2] as $words => $count) {
            $field = $this->find('input[aria-label="Type to add to Warm"]');
            $field->sendKeys($words);
            $this->find("[data-offered=\"$words\"]");
            $field->sendKeys(WebDriverKeys::ENTER);
            $this->until(fn (): bool => count($this->rows()) === $count, "a movement for $words");
        }
        [$one, $two] = $this->rows();
        $this->find("[data-name=\"$one\"] [data-select]")->click();
        $this->browser->action()->keyDown(null, WebDriverKeys::SHIFT)->click($this->find("[data-name=\"$two\"] [data-select]"))->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $this->press('Keep as a block');
        $this->field('Name of the block')->sendKeys(['My two', WebDriverKeys::ENTER]);
        $this->see('Kept as My two');
        $this->press('Add to Settle');
        $this->see('What would fit best here');
        $this->press('My two');
        $this->until(fn (): bool => count($this->rows()) === 4, 'both of the block');
        $this->done();
        self::assertSame([$one, $two, $one, $two], $this->rows());
    }

    public function testAFingerThatRestsAMomentDrags(): void
    {
        $this->openPlan();
        $this->add('Warm', 'Roll the shoulders');
        $this->add('Warm', 'Arms float up and down');
        $middle = function (string $name): array {
            /** @var array{x: float, y: float} $at */
            $at = $this->browser->executeScript('const box = document.querySelector(arguments[0]).getBoundingClientRect(); return {x: box.x + box.width / 2, y: box.y + box.height / 2}', ["[data-name=\"$name\"] [title='Drag to move']"]);

            return $at;
        };
        $this->find('[data-name="Roll the shoulders"] [data-select]')->click();
        $this->rest();
        $from = $middle('Arms float up and down');
        $to = $middle('Roll the shoulders');
        $touch = fn (string $type, array ...$points) => $this->devtools('Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => $points]);
        $touch('touchStart', $from);
        usleep(500_000);
        foreach ([0.3, 0.7, 1.0] as $share) {
            $touch('touchMove', ['x' => $from['x'], 'y' => $from['y'] + ($to['y'] - 8 - $from['y']) * $share]);
            usleep(80_000);
        }
        $touch('touchEnd');
        $this->until(fn (): bool => $this->rows()[0] === 'Arms float up and down', 'the dragged movement first');
    }

    public function testOneRowOfACompletedClassIsTaken(): void
    {
        $this->openDemo();
        $before = $this->rows();
        $this->press('More');
        $this->press('Complete it for me');
        $this->find('[data-made]');
        $one = $this->find('[aria-label^="Take only "]');
        $name = substr((string) $one->getAttribute('aria-label'), strlen('Take only '));
        $one->click();
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-made]')) !== []
            && $this->browser->findElements(WebDriverBy::cssSelector("[aria-label=\"Take only $name\"]")) === [], "$name in the class itself");
        $this->press('Back to the plan');
        $this->until(fn (): bool => count($this->rows()) === count($before) + 1, 'one row more');
        self::assertSame([$name], array_values(array_diff($this->rows(), $before)));
    }

    public function testRowsAndActionsOfAClassAreFoundByWords(): void
    {
        $this->openDemo();
        $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('/');
        $this->find('[role=dialog] input[type=search]')->sendKeys('ankle');
        $this->see('In this class');
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->browser->executeScript('return document.querySelector("[data-editor]")?.closest("[data-row]")?.dataset.name ?? document.querySelector("[data-select][aria-pressed=true]")?.textContent ?? ""') !== '', 'the row that was found');
        $this->press('More');
        $this->press('Find');
        $this->find('[role=dialog] input[type=search]')->sendKeys('rehearse');
        $this->press('Rehearse this class');
        $this->see('Rehears');
        self::assertSame([], $this->console());
    }

    public function testAClassIsHeldAgainstTheSchoolThatIsChosenForIt(): void
    {
        $this->openPlan();
        $this->add('Head to toe', 'Lean to the side');
        $this->press('More');
        $this->press('How this class is taught');
        $this->find('[data-subject="How much"] summary')->click();
        (new WebDriverSelect($this->field('Shapes are held')))->selectByValue('long');
        (new WebDriverSelect($this->find('[data-subject="How much"] select')))->selectByValue('seconds');
        self::assertStringContainsString('Long and quiet: a minute or two', $this->find('[data-subject="How much"] summary')->getText());
        $this->press('Close');
        $this->see('is held shorter than you hold: a minute or two');
        $this->see('is not counted in seconds, as you count');
        // What is added from now on has the doses of the school.
        $this->add('Head to toe', 'Look over each shoulder');
        $this->until(fn (): bool => preg_match('/\d:\d\d (each|side)/', $this->find('[data-row]:last-of-type')->getText()) === 1, 'a dose in seconds');
    }
}
