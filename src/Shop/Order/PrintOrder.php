<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Bench\AskedMeasureReader;
use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\FigureStyle;
use FreshTack\Exchange\PrintedCards;
use FreshTack\Exchange\Printer;
use FreshTack\Exchange\QrCode;
use FreshTack\Exchange\TighteningPicture;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Seal\Seals;
use FreshTack\Shop\Settings\LogoStore;
use FreshTack\Shop\ShopSettings;

/** The order sheet of an issued order, and the service record and the filter labels of a released one. */
final readonly class PrintOrder
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private ShopSettings $settings,
        private LogoStore $logos,
        private Printer $printer,
        private Seals $seals,
    ) {
    }

    /**
     * @param string                    $what    `sheet`, `record` or `label`
     * @param 'a4'|'letter'             $paper
     * @param 'short'|'full'|'trainee'  $density of an order sheet
     * @param string                    $bench   the address of its bench
     *
     * @throws NotFound|Conflict|SealBroken if there is no such order, it is not far enough, or was changed since
     */
    public function __invoke(int $number, string $what, string $paper, string $density, string $bench): string
    {
        $file = $this->orders->get($number);
        null === $file->closing || throw Conflict::wrongStatus($number, $file->status->value, 'printed');
        $flaw = $this->seals->flawOfOrder($number);
        if (null !== $flaw) {
            throw SealBroken::ofOrder($number, $flaw);
        }
        $boat = $this->register->boat($file->boatId);
        $content = 'sheet' === $what ? $this->sheet($file, $boat, $density, $bench) : ['record' => $file->record ?? throw Conflict::notReleased($number)];

        $logo = $this->logos->logo();
        $content = [
            ...$content,
            'seal' => $this->seals->ofRecord($number),
            'shop' => $this->settings->name(),
            'premises' => $this->settings->premises(),
            'logo' => null === $logo ? null : 'data:image/png;base64,'.base64_encode($logo),
            'number' => $number,
        ];
        $footer = $this->footer($file, $boat);

        $figures = FigureStyle::of($this->settings->premises()->country);

        return 'sheet' === $what && 'short' === $density
            ? $this->printer->fitted($what, $content, $paper, $footer, $figures)
            : $this->printer->print($what, $content, $paper, $footer, $figures);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Conflict if it was not issued
     */
    private function sheet(OrderFile $file, Boat $boat, string $density, string $bench): array
    {
        return [
            'work' => $file->issuedDocument(),
            'boat' => $boat,
            'density' => $density,
            'short' => array_column(array_map(static fn (Position $position): array => [$position->label(), $position->initials()], Position::cases()), 1, 0),
            'bench' => $bench,
            'qr' => QrCode::of($bench),
            'patterns' => array_filter(array_map(static fn (Pattern $pattern): ?string => TighteningPicture::of($pattern->value), array_column(array_map(static fn (Pattern $pattern): array => [$pattern->value, $pattern], Pattern::cases()), 1, 0)), \is_string(...)),
            'stairs' => self::stairs(Cursor::over($file->issuedDocument())),
            'cards' => PrintedCards::of($file->issuedDocument(), 'trainee' === $density),
            'looks' => self::looks(Cursor::over($file->issuedDocument())),
        ];
    }

    /** @return array<string, list<Answer>> what may be seen at steps that ask for a look, by the question */
    private static function looks(Cursor $document): array
    {
        $asked = new AskedMeasureReader($document->at('answers'));
        $questions = array_keys(Observation::QUESTIONS);

        return array_combine($questions, array_map($asked->seenAt(...), $questions));
    }

    /** @return array<string, string> pictures of torques in stages, by step */
    private static function stairs(Cursor $document): array
    {
        $pictures = [];
        foreach ($document->at('operations')->list() as $operation) {
            foreach ($operation->at('steps')->list() as $step) {
                $stages = $step->at('stages')->strings();
                if ([] !== $stages) {
                    $pictures[$step->at('id')->string()] = TighteningPicture::stages($stages);
                }
            }
        }

        return $pictures;
    }

    /** Stands on every page, so that a loose one finds its order and its engines. */
    private function footer(OrderFile $file, Boat $boat): string
    {
        $serials = [];
        foreach ($file->draft->engines as $engine) {
            $serials[$engine->model][] = $engine->serial;
        }
        $engines = implode('; ', array_map(static fn (int|string $model, array $numbers): string => $model.' '.implode(', ', $numbers), array_keys($serials), $serials));

        return \sprintf('order %d   ·   %s   ·   %s   ·   %s', $file->number, $boat->name, $engines, $this->settings->name());
    }
}
