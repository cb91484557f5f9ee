<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The numbers in a route. None of ours is longer than nine digits. */
#[AsTaggedItem(priority: 150)]
final readonly class RouteNumber implements ValueResolverInterface
{
    private const MOST_DIGITS = 9;

    /** @return list<int> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $text = $request->attributes->get($argument->getName());
        if ('int' !== $argument->getType() || !\is_string($text)) {
            return [];
        }
        if (!ctype_digit($text) || \strlen($text) > self::MOST_DIGITS) {
            throw new NotFoundHttpException('There is nothing with this number.');
        }

        return [(int) $text];
    }
}
