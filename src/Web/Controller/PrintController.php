<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Order\PrintOrder;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class PrintController
{
    public function __construct(private PrintOrder $print, private string $shopAddress)
    {
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
