<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Parts\Confirmation;
use FreshTack\Shop\Parts\Confirmations;
use FreshTack\Storage\Entity\CartConfirmationRecord;

final readonly class DoctrineConfirmations implements Confirmations
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function add(int $order, Confirmation $confirmation): void
    {
        $known = $this->entities->getRepository(CartConfirmationRecord::class)->findOneBy(['orderNumber' => $order, 'number' => $confirmation->number, 'engine' => $confirmation->engine]);
        if (null === $known) {
            $this->entities->persist(new CartConfirmationRecord($order, $confirmation->number, $confirmation->engine, $confirmation->by, $confirmation->at));
            $this->entities->flush();
        }
    }

    public function remove(int $order, string $number, string $engine): void
    {
        $held = $this->entities->getRepository(CartConfirmationRecord::class)->findOneBy([
            'orderNumber' => $order,
            'number' => $number,
            'engine' => $engine,
        ]) ?? throw NotFound::named('part on the cart', $number);
        $this->entities->remove($held);
        $this->entities->flush();
    }

    public function of(int $order): array
    {
        return array_map(static fn (CartConfirmationRecord $record): Confirmation => new Confirmation($record->number, $record->engine, $record->account, $record->confirmedAt), $this->entities->getRepository(CartConfirmationRecord::class)->findBy(['orderNumber' => $order], ['id' => 'ASC']));
    }
}
