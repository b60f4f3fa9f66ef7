<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** Plans a class in the browser, as a teacher would begin it. */
trait PlansInBrowser
{
    /** @return list<string> names of the movements from top to bottom */
    private function rows(): array
    {
        /** @var list<string> $names */
        $names = $this->browser->executeScript('return [...document.querySelectorAll("[data-row]")].map(row => row.dataset.name)');

        return $names;
    }

    private function openPlan(): void
    {
        $this->signIn();
        $this->press('New class');
        (new WebDriverSelect($this->field('Who comes')))->selectByVisiblePartialText('Tuesday group');
        $this->retype($this->field('Name'), 'Tried class');
        $this->retype($this->field('Minutes booked'), '45');
        $this->press('Plan this class');
        // The classes that were offered are still being composed.
        $this->until(fn (): bool => str_contains($this->text(), 'Add the first movement of Arrive'), 'the empty plan', 30);
    }

    /** Leaves the picker, which stays open for the next movement. */
    private function done(): void
    {
        $this->press('Done');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [], 'the picker to close');
    }

    private function add(string $section, string $movement): void
    {
        $before = count($this->rows());
        $this->press($before === 0 || !str_contains($this->text(), "Add the first movement of $section") ? "Add to $section" : "Add the first movement of $section");
        $this->find('[role=dialog] input[type=search]')->sendKeys($movement);
        $this->press($movement);
        $this->until(fn (): bool => count($this->rows()) === $before + 1, "$movement in the list");
        $this->done();
    }
}
