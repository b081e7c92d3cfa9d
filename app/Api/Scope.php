<?php

declare(strict_types=1);

namespace App\Api;

/** What a connected program may do; it says nothing about what a person may. */
enum Scope: string
{
    case ReadOrders = 'orders:read';
    case WriteOrders = 'orders:write';
    case ReadArtworks = 'artworks:read';
    case WriteArtworks = 'artworks:write';
    case ReadCatalogue = 'catalogue:read';
    case ReadStock = 'stock:read';
    case ReadInvoices = 'invoices:read';

    public function words(): string
    {
        return __('api.scope.'.str_replace(':', '_', $this->value));
    }
}
