<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserTestCase;

final class EverydayTest extends BrowserTestCase
{
    public function testAPersonIsAddedByKeyboardChangedAndRemoved(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->see('10 people');
        $this->press('Add a person');
        $this->find('input[name=name]');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('Please write a name or initials.');
        $this->find('input[name=name]')->sendKeys('Ottoline Q.');
        $this->keys(WebDriverKeys::TAB, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->browser->executeScript('[...document.querySelectorAll("label")].find(l => l.textContent.includes("Sore wrists")).click()');
        $this->see('Weight and strong grip hurt sore joints.');
        $this->press('Add to the group');
        $this->see('11 people');
        $this->see('Ottoline Q.');
        $this->press('Ottoline Q.');
        self::assertTrue($this->browser->findElement(WebDriverBy::cssSelector('input[value=wheelchair]'))->isSelected());
        $this->press('Erase');
        $this->see('Everything noted about Ottoline');
        $this->press('Erase Ottoline');
        $this->see('10 people');
        $this->until(fn (): bool => !str_contains($this->text(), 'Ottoline'), 'the name being gone');
    }

    public function testAfterAClassTheNextOneIsOneTouchAway(): void
    {
        $this->signIn();
        $this->browser->findElements(WebDriverBy::xpath('//a[normalize-space(.)="Settle and plan"]'))[0]->click();
        $this->see('2 to settle');
        $led = (string) $this->browser->getCurrentURL();
        $this->browser->executeAsyncScript(<<<'JS'
            const [id, done] = arguments;
            const token = decodeURIComponent(document.cookie.match(/[^;\s]*_token=([^;]*)/)[1]);
            fetch(`/api/classes/${id}`, { method: 'DELETE', headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' } }).then(() => done());
            JS, [(int) (preg_match('/classes\/(\d+)/', $led, $found) === 1 ? $found[1] : 0)]);
        $this->visit('/');
        $this->see('Tuesday group, Ferry House has nothing planned yet');
        $this->assertAccessible('a group without a next class');
        $this->press('Plan the next one');
        $this->see('Head to toe');
        $this->see('planned');
        $this->visit('/');
        $this->see('Next: Tuesday');
        self::assertStringNotContainsString('has nothing planned yet', $this->text());
    }

    public function testAWeakSideAndAnOwnRangeAreNoted(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('Edda M.');
        $this->browser->executeScript('document.querySelector("summary").click()');
        $this->press('Note a weak side');
        $this->browser->executeScript('[...document.querySelectorAll("summary")].find(s => s.textContent.includes("on a figure")).click()');
        $this->choose('Joint', 'Shoulder, right');
        $this->see('arm forward and up');
        $this->see('usual at this age to 160°');
        $this->browser->findElement(WebDriverBy::xpath('//label[contains(., "arm forward and up")]/following-sibling::input'))->sendKeys(array_fill(0, 20, WebDriverKeys::ARROW_RIGHT));
        $this->see('to, in degrees');
        $this->browser->findElement(WebDriverBy::xpath('//button[normalize-space(.)="Keep"]'))->click();
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [], 'the form to close');
        $this->press('Edda M.');
        $this->see('the able side does it both times');
        self::assertSame('20', $this->field('to, in degrees')->getAttribute('value'));
    }

    public function testPeopleAndMovementsAreWithoutBarriers(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->see('10 people');
        $this->assertAccessible('People');
        $this->press('Fergus O.');
        $this->see('Weak side after stroke');
        usleep(300_000);
        $this->assertAccessible('A person');
        $this->visit('/movements');
        $this->see(count(glob(dirname(__DIR__, 2) . '/core/data/movements/*.json') ?: []) . ' movements');
        $this->assertAccessible('Movements');
        $this->find('input[type=search]')->sendKeys('thoracolumbar');
        $this->press('Turn to the side');
        $this->see('From gentlest to fullest');
        usleep(300_000);
        $this->assertAccessible('A movement');
        self::assertSame([], $this->console());
    }

    public function testAFileIsOpenedAndADamagedOneIsTold(): void
    {
        $this->signIn();
        $folder = sys_get_temp_dir() . '/kind-chair-file-' . bin2hex(random_bytes(4));
        mkdir($folder);
        $plan = ['format' => 'kind-chair/class', 'version' => 1, 'title' => 'From a file', 'slotMinutes' => 20, 'pattern' => 'even', 'sections' => [
            ['id' => 's', 'kind' => 'warm', 'entries' => [['id' => 'e', 'movement' => 'arms-sweep', 'variation' => 'high', 'dose' => ['breaths' => 5]]]],
        ]];
        file_put_contents("$folder/bad.json", json_encode(['slotMinutes' => 'long'] + $plan));
        file_put_contents("$folder/good.json", json_encode($plan));
        $input = $this->browser->findElement(WebDriverBy::cssSelector('input[type=file]'));
        $input->sendKeys("$folder/bad.json");
        $this->see('nothing was changed');
        $this->see('/slotMinutes');
        $input->sendKeys("$folder/good.json");
        $this->see('Arms float up and down');
        array_map('unlink', glob("$folder/*") ?: []);
        rmdir($folder);
    }

    public function testTheCueSheetIsReachedFromThePlanAndWithoutBarriers(): void
    {
        $this->signIn();
        $this->press('Print cue sheet');
        $this->see('They: left / you: right');
        $this->assertAccessible('Cue sheet');
        $this->press('With the leaf about people');
        $this->see('For the teacher only');
        $this->press('Large letters');
        $this->see('Usual letters');
        $this->press('Back to the plan');
        $this->see('Minutes, head to toe');
    }

    public function testSigningOutEndsTheSession(): void
    {
        $this->signIn();
        $this->press('Sign out');
        $this->see('Good to see you');
        $this->assertAccessible('Sign in');
        $this->visit('/log');
        $this->see('Good to see you');
    }
}
