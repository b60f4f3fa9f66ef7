<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;

final class PeopleAndPlacesTest extends BrowserTestCase
{
    public function testPeopleComeFromATable(): void
    {
        $path = sys_get_temp_dir() . '/kind-chair-' . bin2hex(random_bytes(4)) . '.csv';
        file_put_contents($path, "Seat,Who,Care\nchair,Vera N.,vertigo\nbed,Agnes T.,\n=1+1,Nobody,\n");
        $this->signIn();
        $this->visit('/people');
        $this->press('From a file');
        $this->find('input[type=file]')->sendKeys($path);
        $this->see('The same person, in Tuesday group, Ferry House');
        $this->see('looks like a formula');
        $this->assertAccessible('a file of people');
        $this->press('Add 1 person');
        $this->see('Vera N.');
        $this->see('11 people');
        unlink($path);
    }

    public function testTheRoomIsSetOutAndChangedByKeys(): void
    {
        $this->signIn();
        $this->visit('/places');
        $this->press('Ferry House, ticket hall');
        $this->press('Arc');
        $this->see('10 people sit here.');
        $this->see('Nothing to settle');
        $this->assertAccessible('the room');
        $seat = $this->find('svg [aria-label^="Bram K."]');
        $before = $seat->getAttribute('transform');
        $this->browser->executeScript('document.querySelector(\'svg [aria-label^="Bram K."]\').focus()');
        for ($step = 0; $step < 24; ++$step) {
            $this->browser->action()->keyDown(null, WebDriverKeys::SHIFT)->sendKeys(null, WebDriverKeys::ARROW_LEFT)->keyUp(null, WebDriverKeys::SHIFT)->perform();
        }
        $this->see('Bram K.: ');
        $this->see('Stands in the wall.');
        self::assertNotSame($before, $this->find('svg [aria-label^="Bram K."]')->getAttribute('transform'));
        $this->until(fn (): bool => str_contains($this->text(), "\nSaved"), 'saved');
        $this->press('Chair fit');
        $this->see('What');
        $this->choose('Person', 'Agnes');
        $this->see('Raise both feet by 60 mm');
        $this->assertAccessible('chair fit');
        self::assertSame([], $this->console());
    }

    public function testWhoDoesWhatIsLookedOverCheckedAndChosen(): void
    {
        $this->signIn();
        $this->press('Check before class');
        $this->see('0 of 10 asked');
        $this->browser->findElement(WebDriverBy::cssSelector('[data-person=p5] button[aria-pressed]'))->click();
        $this->see('Seated, head level, eyes open.');
        $this->assertAccessible('the check before class');
        $this->press('Who does what');
        $this->see('of everyone’s time is spent moving with the group');
        $this->assertAccessible('who does what');
        $this->press('Dov L., Ankle on the other shin: adapted, Knee falls out, foot down');
        $this->see('Choose otherwise');
        $this->field('Why')->sendKeys('He asked to rest here');
        $this->choose('Version', 'Rests');
        $this->press('Choose this');
        $this->see('Dov L., Ankle on the other shin: rests: He asked to rest here');
        $this->press('Dov L., Ankle on the other shin: rests, Feet flat: press one sole, then the other, your choice');
        $this->press('Back to what was worked out');
        $this->see('taken back');
        self::assertSame([], $this->console());
    }
}
