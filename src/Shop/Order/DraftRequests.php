<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;

/** Reads what a draft asks for. What was filled into the sheets of its file stays filled, whatever the screen sends. */
final readonly class DraftRequests
{
    public function __construct(private Register $register, private RequestAssembler $assembler)
    {
    }

    /**
     * @param list<Task> $more tasks that are not picked and may be asked about
     *
     * @throws NotFound        if the boat or an engine is gone
     * @throws InvalidQuantity if the draft's hours can't be read
     * @throws InvalidDocument if the shop's settings or a filled hole can't be used
     */
    public function of(OrderFile $file, Draft $draft, array $more = []): DraftRequest
    {
        return $this->read($file, $draft, null, $more);
    }

    /**
     * The same, without looking where the tasks stand that are not picked.
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument
     */
    public function ofPicked(OrderFile $file, Draft $draft): DraftRequest
    {
        return $this->read($file, $draft, [], []);
    }

    /**
     * @param list<Task>|null $asked where these stand beside the picked ones; null: all
     * @param list<Task>      $more
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument
     */
    private function read(OrderFile $file, Draft $draft, ?array $asked, array $more): DraftRequest
    {
        $draft = $draft->withFills($file->draft->fills);
        $boat = $this->register->boat($file->boatId);
        $assessed = $this->assembler->assess($boat, $draft, $asked);

        return new DraftRequest($file, $draft, $boat, $assessed, $this->assembler->request($file->number, $draft, $boat, $assessed, $more));
    }
}
