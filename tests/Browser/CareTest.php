<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\BrowserTestCase;

/** What keeps people safe and work from getting lost, on screens of every width. */
final class CareTest extends BrowserTestCase
{
    public function testADraftIsNotLostWithoutAConnection(): void
    {
        $this->signIn();
        $this->visit('/movements');
        $this->press('New movement');
        $this->see('to settle before it can be kept');
        $this->devtools('Network.enable');
        $offline = fn (bool $off) => $this->devtools('Network.emulateNetworkConditions', ['offline' => $off, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
        $offline(true);
        $this->field('Name, in plain words')->sendKeys('Heron steps');
        $this->see('Your work is safe on this device.');
        $offline(false);
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->field('Name, in plain words')->getAttribute('value') === 'Heron steps', 'what was typed');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-saved=saved]')) !== [], 'it is stored');
        $this->press('Throw the draft away');
        $this->see('Everything in it will be gone.');
        $this->press('Throw it away');
        $this->see('movements and practices');
        self::assertStringNotContainsString('Heron steps', $this->text());
    }

    public function testMovementsComeInAFileWithAReport(): void
    {
        $sound = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/core/data/movements/ear-to-ear.json'), true);
        $movements = [
            ['id' => 'own-reed', 'names' => ['plain' => 'Reed in the wind']] + $sound,
            ['id' => 'own-storm', 'names' => ['plain' => 'Reed in a storm'], 'steps' => array_map(static fn (array $step): array => ['angles' => ['towards' => ['neck-side' => 70]]] + $step, $sound['steps'])] + $sound,
        ];
        $path = sys_get_temp_dir() . '/kind-chair-' . bin2hex(random_bytes(4)) . '.json';
        file_put_contents($path, json_encode(['format' => 'kind-chair/movements', 'version' => 1, 'movements' => $movements]));
        $this->signIn();
        $this->visit('/movements');
        $shipped = count(glob(dirname(__DIR__, 2) . '/core/data/movements/*.json') ?: []);
        $this->see("$shipped movements and practices");
        $this->browser->findElement(WebDriverBy::cssSelector('input[aria-label="Movements file"]'))->sendKeys($path);
        $this->see('What became of the file');
        $this->see('Reed in the wind');
        $this->see('Head to the side stops at 45°');
        $this->press('Close');
        $this->see($shipped + 1 . ' movements and practices');
        unlink($path);
    }

    public function testFiguresAreStillForThoseWhoWantNoMotion(): void
    {
        $this->devtools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']]]);
        $this->signIn();
        $this->visit('/movements/arms-sweep');
        $this->see('Move with the breath');
        $shape = fn (): string => $this->browser->findElement(WebDriverBy::cssSelector('figure svg'))->getDomProperty('innerHTML') ?? '';
        $first = $shape();
        usleep(900_000);
        self::assertSame($first, $shape());
        $this->press('Step by step');
        $this->until(fn (): bool => $shape() !== $first, 'the next step');
    }

    public function testHouseRulesKitAndOwnPrecautionsChangeWhoDoesWhat(): void
    {
        $this->signIn();
        $this->visit('/people');
        $this->press('My precautions');
        $this->field('Plain name')->sendKeys('Sore ribs');
        $this->browser->findElement(WebDriverBy::cssSelector('input[name=why]'))->sendKeys('Turning pulls on them.');
        $this->press('turning the trunk');
        $this->see('Never: turning the trunk');
        $this->press('Add this precaution');
        $this->see('Sore ribs: Turning pulls on them.');
        $this->assertAccessible('own precautions');
        $this->press('Close');
        $this->press('Edda M.');
        $this->find('[aria-label="Find a precaution"]')->sendKeys('ribs');
        $this->browser->executeScript('[...document.querySelectorAll("[aria-label=Precautions] label")].find(l => l.textContent.includes("Sore ribs")).click()');
        $this->browser->findElement(WebDriverBy::xpath('//button[normalize-space(.)="Keep"]'))->click();
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [], 'the form to close');
        $this->visit('/classes/1/who');
        $this->see('What to bring');
        self::assertNotSame([], $this->browser->findElements(WebDriverBy::cssSelector('[aria-label^="Edda M., Turn to the side: adapted"]')));

        $this->visit('/places/1');
        $this->press('House rules');
        $this->press('one ankle on the other leg');
        $this->see('Never: one ankle on the other leg');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-saved=saved]')) !== [], 'it is stored');
        $this->assertAccessible('house rules');
        $this->visit('/classes/1/who');
        $this->see('What to bring');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[aria-label*="Ankle on the other shin: fully"]')));
    }
}
