<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Bench\PrintLabel;
use FreshTack\Shop\Order\PrintOrder;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class PrintController
{
    public function __construct(private PrintOrder $print, private PrintLabel $label, private string $shopAddress)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/label', name: 'print_label', methods: ['POST'])]
    #[Once(outside: true)]
    public function label(int $number, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(['labels' => ($this->label)($number, $user->account->username)]);
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/{what<sheet|record|label>}.pdf', name: 'print', methods: ['GET'])]
    public function __invoke(int $number, string $what, Request $request): Response
    {
        $paper = 'letter' === $request->query->getString('paper') ? 'letter' : 'a4';
        $asked = $request->query->getString('density');
        $density = \in_array($asked, ['short', 'trainee'], true) ? $asked : 'full';
        $bench = \sprintf('%s/orders/%d/bench', rtrim($this->shopAddress, '/'), $number);

        return new Response(($this->print)($number, $what, $paper, $density, $bench), Response::HTTP_OK, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => \sprintf('inline; filename="order-%d-%s.pdf"', $number, $what),
        ]);
    }
}
