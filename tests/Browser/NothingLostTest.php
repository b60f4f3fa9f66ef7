<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PDO;
use Tests\Support\BrowserTestCase;
use Tests\Support\Stored;

/** What was typed is there after a reload, a session that ended, and a server that went away. */
final class NothingLostTest extends BrowserTestCase
{
    protected const LEAD_SPEED = 40;

    private static function stored(string $query): mixed
    {
        return Stored::value(self::$server->database(), $query);
    }

    /** Everybody is signed out, as after a night. */
    private static function endSessions(): void
    {
        (new PDO('sqlite:' . self::$server->database()))->exec('delete from sessions');
    }

    private function valueOf(string $label): string
    {
        return (string) $this->field($label)->getAttribute('value');
    }

    /** From the start page to the page after a class, with one who did not come and a note. */
    private function endAClass(): void
    {
        $this->signIn();
        $this->press('Lead this class');
        $this->see('Begin');
        $this->keys(' ');
        usleep(500_000);
        $this->press('End');
        $this->see('End the class here?');
        $this->browser->findElement(WebDriverBy::xpath('//label[contains(., "Bram K.")]'))->click();
        $this->field('A note for next time')->sendKeys('Bram was away.');
    }

    private function assertTheEndIsAsTyped(): void
    {
        $this->see('End the class here?');
        self::assertSame('Bram was away.', $this->valueOf('A note for next time'));
        $came = fn (string $name): bool => $this->browser->findElement(WebDriverBy::xpath("//label[contains(., '$name')]//input"))->isSelected();
        self::assertSame([true, false], [$came('Agnes T.'), $came('Bram K.')]);
    }

    public function testTheEndOfAClassSurvivesAReloadAndAnEndedSession(): void
    {
        $this->endAClass();
        $this->browser->navigate()->refresh();
        $this->assertTheEndIsAsTyped();

        self::endSessions();
        $this->press('Keep it in the log');
        $this->see('Please sign in again');
        $this->assertAccessible('signing in again');
        $this->press('Open the demo again');
        $this->see('Who was there');
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/log/'), 'the log');
        self::assertSame(1, self::stored('select count(*) from attendances join led_classes on led_classes.id = led_class_id where came = 0 and led_class_id = (select max(id) from led_classes)'));
        self::assertSame('Bram was away.', $this->valueOf('Note'));
        self::assertNull($this->browser->executeScript('return Object.keys(localStorage).find(key => key.includes("ending"))'), 'what the log has is not kept on the device');
    }

    public function testTheEndOfAClassWaitsForAServerThatIsAway(): void
    {
        $this->endAClass();
        self::$server->kill();
        $this->press('Keep it in the log');
        $this->see('sent by itself once the connection is back');
        self::assertSame('Bram was away.', $this->valueOf('A note for next time'));
        self::$server->start();
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/log/'), 'the log, by itself', 40);
        self::assertSame(1, self::stored('select count(*) from led_classes where ended_at is not null and id = (select max(id) from led_classes)'));
    }

    public function testAnEndedSessionInTheMiddleOfAClassDisturbsNobody(): void
    {
        $this->signIn();
        $this->press('Lead this class');
        $this->see('Begin');
        $this->keys(' ');
        self::endSessions();
        $this->keys('s');
        $this->see('Signed out, fine to go on');
        self::assertStringNotContainsString('Please sign in again', $this->text());
        $this->keys(' ');
        $this->press('Signed out, fine to go on');
        $this->press('Open the demo again');
        $this->until(fn (): bool => !str_contains($this->text(), 'Signed out'), 'being signed in');
        self::assertStringContainsString('/led/', $this->browser->getCurrentURL());
    }

    public function testAnEndedSessionInAPlanIsBegunAgainInPlaceAndTheChangeIsSaved(): void
    {
        $this->signIn();
        $this->visit('/classes/1/plan');
        $this->see('Add the right, +0:36');
        $this->rest();
        self::endSessions();
        $before = self::stored('select count(*) from plan_revisions');
        $this->press('Add the right, +0:36');
        $this->see('Please sign in again');
        $this->press('Open the demo again');
        $this->until(static fn (): bool => self::stored('select count(*) from plan_revisions') > $before, 'the change being saved');
        $this->see('1 to settle');
        self::assertStringContainsString('/classes/1/plan', $this->browser->getCurrentURL());
    }

    public function testAPersonHalfTypedIsThereAfterAReload(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('Add a person');
        $this->field('Name or initials')->sendKeys('Half Typed');
        $this->field('Notes')->sendKeys('Comes with her sister.');
        $this->browser->findElement(WebDriverBy::xpath('//label[contains(., "Wheelchair")]'))->click();
        $this->browser->navigate()->refresh();
        $this->press('Add a person');
        $this->see('is back');
        self::assertSame(['Half Typed', 'Comes with her sister.'], [$this->valueOf('Name or initials'), $this->valueOf('Notes')]);
        $this->press('Add to the group');
        $this->see('11 people');
        self::assertSame('wheelchair', self::stored("select base from participants where name = 'Half Typed'"));
        $this->press('Add a person');
        $this->until(fn (): bool => $this->valueOf('Name or initials') === '', 'an empty form');
    }

    public function testAPersonHalfTypedIsThereAfterEscapeAndAClickBeside(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('Add a person');
        $this->field('Name or initials')->sendKeys('Half Typed');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->gone();
        $this->press('Add a person');
        $this->see('What you had typed here is back');
        self::assertSame('Half Typed', $this->valueOf('Name or initials'));
        $this->browser->executeScript('history.back()');
        $this->gone();
        $this->visit('/people');
        $this->press('Add a person');
        self::assertSame('Half Typed', $this->valueOf('Name or initials'));
        $this->press('Put it away');
        $this->gone();
        $this->press('Add a person');
        $this->see('Not now');
        self::assertSame('', $this->valueOf('Name or initials'));
    }

    private function gone(): void
    {
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [], 'the dialog to close');
    }

    /** Presses the button of a dialog twice, as an unsure hand does. */
    private function pressTwice(string $words): void
    {
        $this->doubleClick("//*[@role='dialog']//button[contains(., \"$words\")]");
        $this->gone();
    }

    private function doubleClick(string $path): void
    {
        /** @var RemoteWebElement $button */
        $button = $this->until(fn (): ?RemoteWebElement => $this->browser->findElements(WebDriverBy::xpath($path))[0] ?? null, $path);
        $this->browser->action()->doubleClick($button)->perform();
    }

    public function testADoubleClickMakesOneOfEverything(): void
    {
        $this->signIn();
        $count = static fn (string $table): int => (int) self::stored("select count(*) from $table");
        $before = array_map($count, ['groups', 'participants', 'seated_classes', 'places']);
        $this->visit('/people');
        $this->press('New group');
        $this->field('Name of the group')->sendKeys('Doubled');
        $this->pressTwice('Keep');
        $this->see('Doubled: 0 people');
        $this->press('Add a person');
        $this->field('Name or initials')->sendKeys('Once O.');
        $this->pressTwice('Add to the group');
        $this->see('Doubled: 1 person');
        $this->visit('/places');
        $this->press('New place');
        $this->field('Name of the place')->sendKeys('Hall once');
        $this->pressTwice('Keep');
        $this->visit('/');
        $this->press('New class');
        $this->retype($this->field('Name'), 'Class once');
        $this->doubleClick('//button[contains(., "Plan this class")]');
        $this->see('Add the first movement of Arrive');
        usleep(500_000);
        self::assertSame(array_map(static fn (int $was): int => $was + 1, $before), array_map($count, ['groups', 'participants', 'seated_classes', 'places']));
    }

    public function testWhatIsWrongIsBroughtIntoViewAtItsField(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('Add a person');
        $this->field('Notes')->sendKeys('No name given.');
        $this->press('Add to the group');
        $this->until(fn (): bool => $this->browser->executeScript('return document.activeElement.name') === 'name', 'the field that is missing');
        self::assertSame('true', $this->field('Name or initials')->getAttribute('aria-invalid'));
        $told = (string) $this->field('Name or initials')->getAttribute('aria-describedby');
        self::assertStringContainsString('name', (string) $this->browser->executeScript("const at = document.getElementById('$told').getBoundingClientRect(); return at.top > 0 && at.bottom < innerHeight ? document.getElementById('$told').textContent : ''"));
    }

    public function testWhatIsToldBeforeClassWaitsForAServerThatIsAway(): void
    {
        $this->signIn();
        $this->visit('/classes/1/readiness');
        $this->see('0 of 10 asked');
        self::$server->kill();
        $this->press('Dizzy today');
        $this->see('There is no connection just now');
        $this->see('1 of 10 asked');
        self::$server->start();
        $this->browser->navigate()->refresh();
        $this->see('1 of 10 asked');
        $this->until(static fn (): bool => self::stored('select count(*) from readiness_checks') === 1, 'the check being stored');
    }

    public function testTheLastChangeOfAPlaceIsSavedThoughOneLeavesAtOnce(): void
    {
        $this->signIn();
        $this->visit('/places');
        $this->press('Ferry House, ticket hall');
        $this->press('Kit');
        $this->field('Name of the place')->sendKeys(' at the river');
        $this->browser->findElement(WebDriverBy::linkText('People'))->click();
        $this->until(static fn (): bool => self::stored('select name from places') === 'Ferry House, ticket hall at the river', 'the last letters');
        $this->addToAssertionCount(1);
    }

    public function testAClassFileOpenedASecondTimeAsksWhoIsWho(): void
    {
        $this->signIn();
        $file = sys_get_temp_dir() . '/kind-chair-' . bin2hex(random_bytes(4)) . '.json';
        file_put_contents($file, $this->browser->executeAsyncScript('fetch("/api/classes/1/file?people=1").then(r => r.text()).then(arguments[0])'));
        $this->browser->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->see('Do you know them already?');
        $this->see('The same person, in Tuesday group, Ferry House');
        $this->assertAccessible('who is who');
        $this->press('Open the class');
        $this->see('Minutes, head to toe');
        self::assertSame([17, 2], [self::stored('select count(*) from participants'), self::stored('select count(*) from groups')]);
        unlink($file);
    }

    public function testErasingSomebodyAsksAboutNotesThatNameThem(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('Agnes T.');
        $this->press('Erase');
        $this->see('The name also stands in');
        $this->see('Agnes liked the sighs');
        usleep(300_000);
        $this->assertAccessible('erasing a person');
        $this->press('Erase Agnes T.');
        $this->see('9 people');
        $this->visit('/log');
        $this->see('someone liked the sighs');
        self::assertStringNotContainsString('Agnes', $this->text());
    }
}
