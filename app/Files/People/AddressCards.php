<?php

declare(strict_types=1);

namespace App\Files\People;

use App\Models\Group;
use KindChair\Format\FormatError;
use KindChair\Format\PlainText;
use KindChair\Movement\Base;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/** People from address cards (vCard): names and telephones. */
final class AddressCards
{
    /**
     * @return list<FoundPerson>
     * @throws FormatError when there are more than a group takes
     */
    public static function read(string $text): array
    {
        if (substr_count($text, 'BEGIN:VCARD') > Group::MOST) {
            throw FormatError::at('the file', sprintf('a group takes up to %d people. Please split the file.', Group::MOST));
        }
        $rows = [];
        foreach (preg_split('/(?=BEGIN:VCARD)/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $card) {
            if (trim($card) !== '') {
                $rows[] = self::card($card);
            }
        }

        return $rows;
    }

    private static function card(string $card): FoundPerson
    {
        try {
            $read = Reader::read($card, Reader::OPTION_FORGIVING);
        } catch (ParseException) {
            return FoundPerson::refused([mb_strimwidth(trim($card), 0, 60, '…'), ''], 'This card is broken off or damaged.');
        }
        $name = $read instanceof VCard ? trim((string) ($read->FN ?? $read->N ?? '')) : '';
        $phone = $read instanceof VCard ? trim((string) ($read->TEL ?? '')) : '';

        return match (true) {
            $name === '' => FoundPerson::refused(['', $phone], 'This card has no name.'),
            !PlainText::is($name) => FoundPerson::refused([$name, $phone], 'This name has characters that cannot be seen. Please type it anew.'),
            default => FoundPerson::of([$name, $phone], ['name' => mb_substr($name, 0, 80), 'base' => Base::Chair->value]),
        };
    }
}
