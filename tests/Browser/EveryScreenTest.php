<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BrowserTestCase;

/** Every page and dialog fits from the smallest phone to the desk, each of them in light and dark, in large letters, and has targets that a finger hits. */
final class EveryScreenTest extends BrowserTestCase
{
    /** Every page with words that tell it is there. */
    private const PAGES = [
        '/' => 'Tuesday seated class',
        '/people' => 'Agnes T.',
        '/places' => 'Ferry House',
        '/places/1' => 'The room, in metres',
        '/movements' => 'movements and practices',
        '/movements/side-lean' => 'From gentlest to fullest',
        '/movements/compare?a=side-lean&b=neck-turn' => 'side by side',
        '/classes/1/plan' => 'planned',
        '/classes/1/who' => 'What to bring',
        '/classes/1/readiness' => 'How is everyone today?',
        '/classes/new' => 'Take this one',
        '/classes/1/fill' => 'Take this one',
        '/log' => 'Tuesday seated class',
        '/account' => 'The name you teach under',
        '/help' => 'How to begin',
        '/precautions' => 'What to be careful with',
        '/nowhere' => 'There is nothing here',
        '/places/999' => 'is not here',
        '/led/999' => 'This is not here',
        '/classes/999/plan' => 'This is not here',
        '/classes/1/sheet' => 'Tuesday seated class',
    ];

    /** Dialogs, by the page and the button that opens them. */
    private const DIALOGS = [
        ['/', 'Find'],
        ['/people', 'Add a person'],
        ['/people', 'My precautions'],
        ['/classes/1/plan', 'Add to Warm'],
    ];

    /** Targets under 44 px that a finger has to hit; links within a sentence and what is not shown do not count. */
    private const SMALL = <<<'JS'
        const found = [];
        for (const one of document.querySelectorAll('a[href], button, input, select, textarea, summary, [role=menuitem], [role=tab]')) {
            const box = one.getBoundingClientRect();
            const style = getComputedStyle(one);
            if (box.width === 0 || box.height === 0 || style.visibility === 'hidden' || one.closest('.sr-only') || one.classList.contains('sr-only') || box.right <= 0) continue;
            const inSentence = one.tagName === 'A' && style.display === 'inline';
            const area = one.closest('label') ?? one;
            const size = area.getBoundingClientRect();
            if (!inSentence && (Math.round(size.height) < 44 || Math.round(size.width) < 44)) {
                found.push(`${one.tagName} ${(one.getAttribute('aria-label') || one.textContent || one.type).trim().slice(0, 40)} ${Math.round(size.width)}x${Math.round(size.height)}`);
            }
        }
        return [...new Set(found)];
        JS;

    /** What reaches beyond the right edge though the page cannot be scrolled there. */
    private const WIDE = <<<'JS'
        const wide = document.documentElement.scrollWidth;
        if (wide <= innerWidth) return [];
        return [...document.querySelectorAll('body *')].filter((one) => one.getBoundingClientRect().right > innerWidth + 1 && one.children.length === 0).slice(0, 5).map((one) => `${one.tagName} ${one.className} ${one.textContent.trim().slice(0, 30)} to ${Math.round(one.getBoundingClientRect().right)}`);
        JS;

    private function screen(int $width, int $height): void
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 800]);
    }

    /** @return iterable<string, array{int, int, string, int}> */
    public static function screens(): iterable
    {
        yield 'the smallest phone' => [320, 568, 'light', 100];
        yield 'a tablet in the dark, in the largest letters' => [820, 1180, 'dark', 130];
        yield 'a small laptop, in larger letters' => [1366, 633, 'light', 115];
    }

    #[DataProvider('screens')]
    public function testEveryPageAndDialogFits(int $width, int $height, string $light, int $letters): void
    {
        $this->signIn();
        $this->screen($width, $height);
        $this->browser->executeScript("const owner = document.querySelector('meta[name=owner]').content; localStorage.setItem(`kind-chair:\${owner}:settings`, JSON.stringify({light: '$light', letters: $letters}))");
        $wrong = [];
        foreach (self::PAGES as $path => $words) {
            $this->visit($path);
            $this->see($words);
            $wrong = [...$wrong, ...$this->look($path)];
        }
        foreach (self::DIALOGS as [$path, $button]) {
            $this->visit($path);
            if ($button === 'Find' && $width < 768) {
                $this->press('More');
            }
            $this->press($button);
            $this->find('[role=dialog]');
            usleep(300_000);
            $wrong = [...$wrong, ...$this->look("$path: $button")];
        }
        self::assertSame([], $wrong);
    }

    /** @return list<string> what is wrong with the page as it stands */
    private function look(string $where): array
    {
        $this->workedOut();
        $found = [];
        foreach (['too wide' => self::WIDE, 'too small' => self::SMALL] as $what => $script) {
            foreach ((array) $this->browser->executeScript($script) as $one) {
                $found[] = "$where, $what: " . (is_string($one) ? $one : '');
            }
        }
        // Once in each light; by where things are it makes no difference.
        foreach (['light', 'dark'] as $light) {
            $before = $this->browser->executeScript('const root = document.documentElement, before = root.dataset.light; root.dataset.light = arguments[0]; return before', [$light]);
            $this->workedOut();
            foreach ($this->barriers() as $one) {
                $found[] = "$where, $light: $one";
            }
            $this->browser->executeScript('document.documentElement.dataset.light = arguments[0]', [$before]);
        }

        return $found;
    }

    public function testALowWindowHasRoomForTheChosenRowAndItsEditor(): void
    {
        $this->signIn();
        $this->screen(1366, 633);
        $this->visit('/classes/1/plan');
        $this->find('[data-editor]');
        $below = fn (): int => (int) $this->browser->executeScript('return Math.max(0, document.querySelector("[data-editor]").getBoundingClientRect().bottom - innerHeight)');
        $this->until(fn (): bool => $below() === 0, 'the whole editor to be seen');
        $findings = fn (): int => (int) $this->browser->executeScript('return [...document.querySelectorAll("section[aria-label=\"To settle\"] ol > li")].filter((one) => one.offsetParent).length');
        self::assertSame(2, $findings());
        $this->press('2 more');
        self::assertSame(4, $findings());
        $this->press('Show two');
        self::assertSame(2, $findings());
    }

    public function testEveryPageHasANameOfItsOwnAndHeadingsInOrder(): void
    {
        $this->signIn();
        $titles = [];
        foreach (array_slice(self::PAGES, 0, 14) as $path => $words) {
            $this->visit($path);
            $this->see($words);
            $titles[$path] = $this->browser->getTitle();
            $levels = (array) $this->browser->executeScript('return [...document.querySelectorAll("h1, h2, h3, h4")].map(one => Number(one.tagName[1]))');
            self::assertSame(1, $levels[0] ?? 0, "$path begins with its heading");
            foreach ($levels as $at => $level) {
                self::assertLessThanOrEqual(($levels[$at - 1] ?? 1) + 1, $level, "$path leaves no heading out");
            }
        }
        self::assertCount(count($titles), array_unique($titles), implode(', ', $titles));
        self::assertNotContains('Kind Chair', $titles);
    }
}
