<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Board\Lane;
use FreshTack\Shop\Board\ShowBoard;
use FreshTack\Shop\Due\EnginePressing;
use FreshTack\Shop\Due\ShowDues;
use FreshTack\Shop\Today;
use FreshTack\Web\Http\Unchanged;
use FreshTack\Web\View\BoardView;
use FreshTack\Web\View\DueView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BoardController
{
    private const PAGE = 25;

    public function __construct(private ShowBoard $board, private ShowDues $dues, private Today $today)
    {
    }

    #[Route('/api/board', name: 'board', methods: ['GET'])]
    public function board(Request $request): JsonResponse
    {
        return Unchanged::unless($request, new JsonResponse(BoardView::of(($this->board)(), ($this->today)())));
    }

    /** More orders of one lane than the board shows. */
    #[Route('/api/lanes/{lane<counter|issued|bench|released>}', name: 'lane', methods: ['GET'])]
    public function lane(string $lane, Request $request): JsonResponse
    {
        $orders = $this->board->more(Lane::from($lane), max(0, $request->query->getInt('skip')));

        return new JsonResponse(['orders' => array_map(BoardView::order(...), \array_slice($orders, 0, ShowBoard::LANE)), 'more' => \count($orders) > ShowBoard::LANE]);
    }

    /** A page of engines: `now`, `no_record`, or `expected` with `to` and perhaps `from`. */
    #[Route('/api/dues', name: 'dues', methods: ['GET'])]
    public function dues(Request $request): JsonResponse
    {
        $skip = max(0, $request->query->getInt('skip'));
        $to = self::day($request, 'to');
        $lines = match ($request->query->getString('which')) {
            'now' => $this->dues->now($skip, self::PAGE + 1),
            'no_record' => $this->dues->withoutRecord($skip, self::PAGE + 1),
            'expected' => $this->dues->expected(self::day($request, 'from'), $to ?? throw new BadRequestHttpException('Say up to which day: to=YYYY-MM-DD.'), $skip, self::PAGE + 1),
            default => throw new BadRequestHttpException('Ask for which=now, no_record or expected.'),
        };
        $today = ($this->today)();

        return new JsonResponse(['engines' => array_map(static fn (EnginePressing $line): array => DueView::line($line, $today, $to), \array_slice($lines, 0, self::PAGE)), 'more' => \count($lines) > self::PAGE]);
    }

    private static function day(Request $request, string $name): ?\DateTimeImmutable
    {
        $text = $request->query->getString($name);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text, new \DateTimeZone('UTC'));

        return match (true) {
            '' === $text => null,
            false === $day, $day->format('Y-m-d') !== $text => throw new BadRequestHttpException(\sprintf('"%s" is no day; write YYYY-MM-DD.', $text)),
            default => $day,
        };
    }
}
