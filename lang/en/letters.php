<?php

declare(strict_types=1);

/** E-mail to customers. */
return [
    'kind' => [
        'received' => 'Order received',
        'sample' => 'Sample to approve',
        'approve' => 'Link to approve',
        'late' => 'Order delayed',
        'ironing' => 'How to iron on the patches',
        'part_ready' => 'Part of the order ready',
        'ready' => 'Order ready',
        'cancelled' => 'Order cancelled',
        'invoice' => 'Invoice',
        'credit' => 'Credit note',
        'reminder' => 'Reminder',
    ],
    'subject' => [
        'received' => 'Your order {number}: received',
        'sample' => 'Your order {number}: please check the first piece',
        'approve' => 'Your order {number}: please approve what we will sew',
        'late' => 'Your order {number}: it will be later than promised',
        'ironing' => 'Your order {number}: how to iron on the patches',
        'part_ready' => 'Your order {number}: a part is ready',
        'ready' => 'Your order {number}: ready to collect',
        'cancelled' => 'Your order {number}: cancelled',
        'invoice' => 'Invoice {number}',
        'credit' => 'Credit note {number}',
        'reminder' => 'Reminder: invoice {number}',
    ],
    'body' => [
        'approve' => 'please look at what we will sew for your order no. {number}, and approve it or write what is to change:

{link}

The same page shows where your order stands.',
        'invoice' => 'attached is invoice no. {number} for your order no. {order}, {amount}{due, select, none {} other {, due on {due}}}.',
        'credit' => 'attached is credit note no. {number} for your order no. {order}, {amount}.',
        'reminder' => 'invoice no. {number} was due on {due}, and {amount} of it is still open. The details are attached. If you have just paid, please ignore this message.',
    ],
    'state' => [
        'waiting' => 'waiting to be sent',
        'sending' => 'sending was interrupted; it may have arrived',
        'sent' => 'sent',
        'failed' => 'did not arrive',
    ],
    'log' => [
        'written' => 'e-mail to {to}: {kind}',
        'came_back' => 'e-mail to {to} came back: {why}',
    ],
    'page' => [
        'title' => '{kind}, order {number}',
        'say' => 'Read it, change what you like, send it.',
        'say_sent_before' => 'This was sent before, to {to}, {when}.',
        'say_no_server' => 'No mail server is set up, so nothing can be sent from here.',
        'say_no_sender' => 'Customers could not answer: the shop has no e-mail address yet.',
        'to' => 'To',
        'subject' => 'Subject',
        'text' => 'Text',
        'attached' => 'Attached',
        'send' => 'Send',
        'open' => 'Open to send',
        'letterhead' => 'Enter the shop’s e-mail address',
        'sent_to' => '“{kind}” goes to {to}.',
        'nothing_to_say' => 'There is nothing of that kind to say about this order now.',
        'sent' => 'E-mail',
        'send_again' => 'Send again',
        'send_again_to' => 'Send again to',
        'goes_again' => 'It goes to {to} once more.',
        'on_its_way' => 'It is on its way already, or has arrived.',
        'to_stand_in' => 'This is the demo: e-mail goes to a stand-in mailbox on this computer and to nobody else.',
        'not_an_address' => 'Enter one e-mail address, such as name@example.com.',
        'say_something' => 'Enter a subject and a text.',
        'bad_address' => 'E-mail of {when} to {to} did not arrive. {why}',
    ],
];
