<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * A test that drives the real interface in headless Chromium, against a server of its own with fresh demo data.
 */
abstract class BrowserTestCase extends TestCase
{
    /** How many times faster than the clock Lead runs. */
    protected const LEAD_SPEED = 1;

    protected static Server $server;

    private static ?Process $driver = null;

    private static int $driverPort = 0;

    protected RemoteWebDriver $browser;

    public static function setUpBeforeClass(): void
    {
        self::$server = new Server(sys_get_temp_dir() . '/kind-chair-browser-' . bin2hex(random_bytes(5)), ['KIND_CHAIR_LEAD_SPEED' => (string) static::LEAD_SPEED]);
        self::$server->prepare()->start();
        self::$server->keepAsFresh();
        self::$driverPort = Server::freePort();
        self::$driver = new Process(['chromedriver', '--port=' . self::$driverPort], null, null, null, null);
        self::$driver->disableOutput();
        self::$driver->start();
        Server::awaitPort(self::$driverPort);
    }

    public static function tearDownAfterClass(): void
    {
        self::$driver?->stop(2);
        self::$server->remove();
    }

    protected function setUp(): void
    {
        self::$server->beFresh();
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', '--hide-scrollbars',
            '--window-size=1280,800', '--user-data-dir=' . self::$server->folder . '/profile-' . bin2hex(random_bytes(4)),
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $this->browser = RemoteWebDriver::create('http://127.0.0.1:' . self::$driverPort, $wanted, 30_000, 60_000);
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);
    }

    protected function tearDown(): void
    {
        $this->browser->quit();
    }

    protected function visit(string $path): void
    {
        $this->browser->get(self::$server->address() . $path);
    }

    protected function signIn(): void
    {
        $this->visit('/sign-in');
        $this->press('Open the demo');
        $this->see('Tuesday seated class');
    }

    /** Waits until something holds; longer on a busy machine. */
    protected function until(callable $holds, string $what, float $seconds = 12.0): mixed
    {
        $end = microtime(true) + $seconds * Patience::factor();
        do {
            try {
                $value = $holds();
                if ($value !== null && $value !== false && $value !== []) {
                    return $value;
                }
            } catch (StaleElementReferenceException) {
                // Drawn anew in between; look again.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        self::fail("Waited in vain for: $what. The page says: " . mb_substr($this->text(), 0, 1500) . ' Console: ' . implode(' ', $this->console()));
    }

    /** Waits until the page has asked for nothing new for a second. */
    protected function rest(): void
    {
        $asked = fn (): int => (int) $this->browser->executeScript('return performance.getEntriesByType("resource").length');
        $this->until(static function () use ($asked): bool {
            $before = $asked();
            usleep((int) (1_000_000 * Patience::factor()));

            return $asked() === $before;
        }, 'the page to come to rest', 30);
    }

    /** @param array<string, mixed> $params */
    protected function devtools(string $command, array $params = []): void
    {
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $params === [] ? (object) [] : $params]);
    }

    protected function text(): string
    {
        $text = $this->browser->executeScript('return document.body.innerText');

        return is_string($text) ? $text : '';
    }

    protected function see(string $words): void
    {
        $this->until(fn (): bool => str_contains($this->text(), $words), "\"$words\"");
        $this->addToAssertionCount(1);
    }

    protected function find(string $css): RemoteWebElement
    {
        /** @var RemoteWebElement $element */
        $element = $this->until(
            fn (): ?RemoteWebElement => array_values(array_filter(
                $this->browser->findElements(WebDriverBy::cssSelector($css)),
                static fn (RemoteWebElement $element): bool => $element->isDisplayed(),
            ))[0] ?? null,
            $css,
        );

        return $element;
    }

    /** Presses the button or link with these words, or with this accessible name. */
    protected function press(string $words): void
    {
        $quoted = '"' . $words . '"';
        $path = "//*[self::button or self::a or @role='menuitem'][contains(normalize-space(.), $quoted) or @aria-label=$quoted]";
        $this->until(function () use ($path): bool {
            foreach ($this->browser->findElements(WebDriverBy::xpath($path)) as $element) {
                if ($element->isDisplayed() && $element->isEnabled()) {
                    try {
                        $element->click();
                    } catch (ElementClickInterceptedException) {
                        // Something that is still opening or moving lies over it: once more, as a hand would.
                        return false;
                    }

                    return true;
                }
            }

            return false;
        }, "a button \"$words\"");
    }

    protected function field(string $label): RemoteWebElement
    {
        $path = "//*[@aria-label=\"$label\"] | //*[@id = //label[contains(normalize-space(.), \"$label\")]/@for]";
        /** @var RemoteWebElement $field */
        $field = $this->until(fn (): ?RemoteWebElement => $this->browser->findElements(WebDriverBy::xpath($path))[0] ?? null, "a field \"$label\"");

        return $field;
    }

    /** Types over what is in a field, as one does by hand; emptying it from outside is not always noticed by the page. */
    protected function retype(RemoteWebElement $field, string $words): void
    {
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $words]);
    }

    /** Chooses in a list. Letters typed into one count as a word only while they come quickly, which they do not on a busy machine. */
    protected function choose(string $label, string $option): void
    {
        $list = $this->find("select[aria-label=\"$label\"]");
        $this->until(fn (): bool => str_contains($list->getText(), $option), "\"$option\" in the list \"$label\"");
        (new WebDriverSelect($list))->selectByVisiblePartialText($option);
    }

    protected function keys(string ...$keys): void
    {
        $this->browser->switchTo()->activeElement()->sendKeys($keys);
    }

    protected function withAlt(string $key): void
    {
        $this->browser->action()->keyDown(null, WebDriverKeys::ALT)->sendKeys(null, $key)->keyUp(null, WebDriverKeys::ALT)->perform();
    }

    /** Waits until nothing is being worked out any more: that is shown paler for a moment, which is no colour to measure. */
    protected function workedOut(): void
    {
        $this->until(fn (): bool => $this->browser->executeScript(
            'return !document.querySelector("[aria-busy=true]") && document.getAnimations().every(a => a.playState !== "running" || a.effect.getTiming().iterations === Infinity)',
        ) === true, 'the page to be worked out');
    }

    /** No rule of axe-core is broken on the page as it stands. */
    protected function assertAccessible(string $where): void
    {
        $this->workedOut();
        self::assertSame([], $this->barriers(), $where);
    }

    /** @return list<string> rules of axe-core that are broken, with where */
    protected function barriers(): array
    {
        $axe = (string) file_get_contents(dirname(__DIR__, 2) . '/node_modules/axe-core/axe.min.js');
        $this->browser->executeScript($axe);
        /** @var list<string> */
        return $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'
            . 'axe.run(document, {resultTypes: ["violations"]}).then(r => done(r.violations.map(v => v.id + ": " + v.help + " " + v.nodes.slice(0, 3).map(n => n.html.slice(0, 160)).join(" | "))));',
        );
    }

    /** @return list<string> errors the browser told of */
    protected function console(): array
    {
        $errors = array_filter($this->browser->manage()->getLog('browser'), static fn (array $line): bool => $line['level'] === 'SEVERE');

        return array_values(array_map(static fn (array $line): string => (string) $line['message'], $errors));
    }
}
