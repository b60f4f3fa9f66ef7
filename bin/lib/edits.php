<?php

declare(strict_types=1);

/*
 * Measures in a real browser how long it takes from a change on Plan to its whole answer on the screen, and to the first picture of it.
 * The demo class, and one of 60 rows for 30 people made from it. php bin/lib/edits.php ADDRESS, of a server with fresh demo data: people who
 * are there already would have to be told apart.
 */

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

const EDITS = 100;
const MEASURE = <<<'JS'
    const [edits, done] = arguments;
    const main = document.querySelector('main');
    const times = { seen: [], answered: [] };
    const next = () => {
        if (times.answered.length === edits) {
            return done(times);
        }
        const button = document.querySelector(times.answered.length % 2 ? '[aria-label="One less"]' : '[aria-label="One more"]');
        const start = performance.now();
        let isAsked = false;
        const watch = new MutationObserver(() => {
            if (main.dataset.working !== undefined) {
                isAsked = true;
            } else if (isAsked) {
                watch.disconnect();
                times.answered.push(performance.now() - start);
                setTimeout(next, 150);
            }
        });
        watch.observe(main, { attributes: true, attributeFilter: ['data-working'] });
        button.click();
        requestAnimationFrame(() => times.seen.push(performance.now() - start));
    };
    next();
    JS;
const ENLARGE = <<<'JS'
    const done = arguments[0];
    const token = decodeURIComponent(document.cookie.match(/[^;\s]*_token=([^;]*)/)?.[1] ?? '');
    const send = (file, people) => fetch('/api/classes/import', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ file, people }),
    }).then((answer) => answer.json());
    fetch('/api/classes/1/file?people=1').then((answer) => answer.json()).then((file) => {
        const people = file.group.people;
        file.title = 'A long class';
        file.slotMinutes = 120;
        file.group.name = 'A large group';
        file.group.people = Array.from({ length: 30 }, (_, at) => {
            const one = people[at % people.length];
            return { ...one, id: `${one.id}-${at}`, name: `${one.name} ${at} of ${Date.now()}` };
        });
        const count = () => file.sections.reduce((sum, section) => sum + section.entries.length, 0);
        const main = file.sections.find((section) => section.kind === 'head-to-toe');
        // Each movement twice or three times in a row, so that the order stays as it is.
        for (let at = 0; count() < 60; at = (at + 2) % main.entries.length) {
            const { group, ...again } = main.entries[at];
            main.entries.splice(at + 1, 0, { ...again, id: `again${count()}` });
        }
        return send(JSON.stringify(file), Array(30).fill(null)).then((made) => done(made.id));
    });
    JS;

$address = $argv[1];
$port = (int) substr((string) strrchr((string) stream_socket_get_name(stream_socket_server('tcp://127.0.0.1:0') ?: exit(1), false), ':'), 1);
$driver = proc_open(['chromedriver', "--port=$port"], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes) ?: exit(1);
$options = new ChromeOptions();
$options->addArguments(['--headless=new', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--window-size=1280,800']);
$wanted = DesiredCapabilities::chrome();
$wanted->setCapability(ChromeOptions::CAPABILITY, $options);
for ($tries = 0; @fsockopen('127.0.0.1', $port) === false && $tries < 100; ++$tries) {
    usleep(100_000);
}
$browser = RemoteWebDriver::create("http://127.0.0.1:$port", $wanted, 30_000, 120_000);
$browser->manage()->timeouts()->setScriptTimeout(120);
$wait = static fn (string $css) => $browser->wait(60, 100)->until(static fn () => $browser->findElements(WebDriverBy::cssSelector($css)) !== []);
try {
    $browser->get("$address/sign-in");
    $browser->findElement(WebDriverBy::xpath('//button[contains(., "Open the demo")]'))->click();
    $wait('a[href="/people"]');
    $browser->get("$address/classes/1/plan");
    $wait('[data-row]');
    foreach ([1, (int) $browser->executeAsyncScript(ENLARGE)] as $class) {
        $browser->get("$address/classes/$class/plan");
        $wait('[data-row]');
        $rows = count($browser->findElements(WebDriverBy::cssSelector('[data-row]')));
        if ($browser->findElements(WebDriverBy::cssSelector('[data-editor]')) === []) {
            $browser->findElement(WebDriverBy::cssSelector('[data-select]'))->click();
        }
        $wait('[aria-label="One more"]');
        sleep(3);
        $browser->executeAsyncScript(MEASURE, [8]);
        /** @var array{seen: list<float>, answered: list<float>} $times */
        $times = $browser->executeAsyncScript(MEASURE, [EDITS]);
        foreach (['seen' => ['seen in the next picture', 50], 'answered' => ['its whole answer on the screen', $class === 1 ? 100 : 150]] as $what => [$words, $aim]) {
            sort($times[$what]);
            $late = $times[$what][(int) ceil(EDITS * 0.95) - 1];
            printf("%-58s %8.1f ms median, %.1f p95   aim: p95 under %d   %s\n", "a change on Plan, $rows rows, $words", $times[$what][intdiv(EDITS, 2)], $late, $aim, $late < $aim ? 'reached' : 'MISSED');
        }
    }
} finally {
    $browser->quit();
    proc_terminate($driver);
}
