<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;
use Tests\Support\BrowserTestCase;
use Tests\Support\FreshCopy;
use Tests\Support\Server;
use Tests\Support\Stored;

/** A backup made on the page, the data lost, and everything back on a machine that has never seen it. */
final class RestoringTest extends BrowserTestCase
{
    private const WORDS = 'a quiet river in June';

    public function testABackupBringsEverythingBackOnAFreshClone(): void
    {
        $this->signIn();
        $this->visit('/account');
        $this->see('First choose a passphrase');
        $this->assertAccessible('Account');
        $this->field('Passphrase, 12 letters or more')->sendKeys(self::WORDS);
        $this->field('The same passphrase again')->sendKeys('something else');
        $this->press('Set the passphrase');
        $this->see('The two differ');
        $this->retype($this->field('Passphrase, 12 letters or more'), self::WORDS);
        $this->retype($this->field('The same passphrase again'), self::WORDS);
        $this->press('Set the passphrase');
        $this->see('Save a backup now');
        $this->see('Made by itself, day by day');
        $folder = self::$server->folder;
        mkdir("$folder/downloads");
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Browser.setDownloadBehavior', 'params' => ['behavior' => 'allow', 'downloadPath' => "$folder/downloads"]]);
        $this->press('Save a backup now');
        $file = $this->until(static fn (): ?string => Stored::files("$folder/downloads/*.kind-chair-backup")[0] ?? null, 'the backup being saved', 30);
        self::assertStringNotContainsString('Cosima', (string) file_get_contents((string) $file));
        self::assertCount(1, Stored::files("$folder/backups/daily-*"), 'and one made by itself');
        $before = Stored::value(self::$server->database(), 'select (select count(*) from plan_revisions) || " " || (select count(*) from attendances) || " " || (select count(*) from done_stretches)');

        self::$server->stop();
        (new Process(['rm', '-rf', "$folder/data"]))->mustRun();
        $copy = FreshCopy::in("$folder/copy");
        $restore = fn (string $words): Process => new Process(['bin/restore', (string) $file], $copy, ['KIND_CHAIR_PASSPHRASE' => $words, 'KIND_CHAIR_DATA' => false, 'APP_KEY' => false, 'DB_DATABASE' => false, 'APP_ENV' => false], null, 120);
        $wrong = $restore('a quiet river in july');
        self::assertSame(1, $wrong->run());
        self::assertStringContainsString('does not open', $wrong->getOutput());
        $right = $restore(self::WORDS);
        self::assertSame(0, $right->run(), $right->getOutput() . $right->getErrorOutput());
        self::assertStringContainsString('1 accounts, 17 people, 3 classes', $right->getOutput());

        $restored = new Server("$folder/unused", ['KIND_CHAIR_DATA' => "$copy/data/own", 'KIND_CHAIR_BACKUPS' => "$folder/backups"], 1, $copy);
        $restored->start();
        try {
            self::assertSame($before, Stored::value("$copy/data/own/kind-chair.sqlite", 'select (select count(*) from plan_revisions) || " " || (select count(*) from attendances) || " " || (select count(*) from done_stretches)'));
            $this->browser->get($restored->address() . '/people');
            $this->press('Open the demo');
            $this->press('Cosima R.');
            $this->see('Low pressure or dizzy on rising');
            self::assertSame('Tilted bed chair by the window. Likes to be told first.', $this->field('Notes')->getAttribute('value'));
            $this->browser->get($restored->address() . '/classes/1/plan');
            $this->see('Minutes, head to toe');
        } finally {
            $restored->remove();
        }
    }
}
