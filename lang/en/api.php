<?php

declare(strict_types=1);

return [
    'scope' => [
        'orders_read' => 'Read orders: state, dates, odds',
        'orders_write' => 'Place orders, ask customers to approve',
        'artworks_read' => 'Read artworks',
        'artworks_write' => 'Send artworks',
        'catalogue_read' => 'Read the catalogue',
        'stock_read' => 'Read stock',
        'invoices_read' => 'Read invoices',
    ],
    'refused' => [
        'no_token' => 'Send a token that is in force as Authorization: Bearer.',
        'key_wanted' => 'Send a header {header}: 1 to 80 characters without spaces, another for each new request, the same when it is sent again.',
        'other_content' => 'This key was used for another request. Nothing was changed; use a new key.',
        'scope_wanted' => 'This token does not have the scope {scope}.',
        'no_json' => 'The body is not a JSON object. Nothing was changed.',
    ],
    'log' => [
        'let_in' => '{name} connected',
        'shut_out' => '{name} disconnected',
    ],
    'page' => [
        'programs' => 'Programs',
        'programs_that_connect' => 'Programs that connect to this shop',
        'say' => 'A web shop or another program can place orders here and read how far they are.',
        'none' => 'No program is connected.',
        'name' => 'Name',
        'may' => 'May',
        'since' => 'Connected',
        'last_used' => 'Last used',
        'never' => 'not yet',
        'disconnect' => 'Disconnect',
        'connect' => 'Connect a program',
        'name_of' => 'Name of the program',
        'what_it_may' => 'What it may do',
        'connect_it' => 'Show its token',
        'token_of' => 'Token of {name}. Copy it now; it is not shown again.',
        'header' => 'Authorization: Bearer …',
        'how' => 'The program sends it as {header}. Addresses begin with {address}; the description is at {document}.',
        'was_disconnected' => '{name} is disconnected; its token no longer works.',
        'was_let_in' => '{name} is connected already; its token was shown then. If you did not copy it, disconnect it and connect it again.',
        'enter_a_name' => 'Enter a name, at most 60 characters.',
        'choose_one' => 'Choose at least one.',
    ],
];
