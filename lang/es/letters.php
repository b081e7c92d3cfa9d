<?php

declare(strict_types=1);

/** Correo a los clientes. */
return [
    'kind' => [
        'received' => 'Pedido recibido',
        'sample' => 'Muestra por aprobar',
        'approve' => 'Enlace para aprobar',
        'late' => 'Pedido con retraso',
        'ironing' => 'Cómo planchar los parches',
        'part_ready' => 'Parte del pedido lista',
        'ready' => 'Pedido listo',
        'cancelled' => 'Pedido cancelado',
        'invoice' => 'Factura',
        'credit' => 'Abono',
        'reminder' => 'Recordatorio',
    ],
    'subject' => [
        'received' => 'Tu pedido {number}: recibido',
        'sample' => 'Tu pedido {number}: revisa la primera pieza, por favor',
        'approve' => 'Tu pedido {number}: aprueba lo que vamos a bordar, por favor',
        'late' => 'Tu pedido {number}: estará más tarde de lo prometido',
        'ironing' => 'Tu pedido {number}: cómo planchar los parches',
        'part_ready' => 'Tu pedido {number}: una parte está lista',
        'ready' => 'Tu pedido {number}: listo para recoger',
        'cancelled' => 'Tu pedido {number}: cancelado',
        'invoice' => 'Factura {number}',
        'credit' => 'Abono {number}',
        'reminder' => 'Recordatorio: factura {number}',
    ],
    'body' => [
        'approve' => 'mira, por favor, lo que vamos a bordar para tu pedido n.º {number}, y apruébalo o escribe qué hay que cambiar:

{link}

La misma página muestra cómo va tu pedido.',
        'invoice' => 'adjuntamos la factura n.º {number} de tu pedido n.º {order}, {amount}{due, select, none {} other {, con vencimiento el {due}}}.',
        'credit' => 'adjuntamos el abono n.º {number} de tu pedido n.º {order}, {amount}.',
        'reminder' => 'la factura n.º {number} venció el {due} y quedan por pagar {amount}. Los detalles van adjuntos. Si acabas de pagar, no hagas caso de este mensaje.',
    ],
    'state' => [
        'waiting' => 'pendiente de envío',
        'sending' => 'se interrumpió el envío; quizá llegó',
        'sent' => 'enviado',
        'failed' => 'no llegó',
    ],
    'log' => [
        'written' => 'correo a {to}: {kind}',
        'came_back' => 'correo a {to} devuelto: {why}',
    ],
    'page' => [
        'title' => '{kind}, pedido {number}',
        'say' => 'Léelo, cambia lo que quieras y envíalo.',
        'say_sent_before' => 'Ya se envió a {to}, {when}.',
        'say_no_server' => 'No hay servidor de correo configurado, así que desde aquí no se puede enviar nada.',
        'say_no_sender' => 'Los clientes no podrían responder: el taller aún no tiene dirección de correo.',
        'to' => 'Para',
        'subject' => 'Asunto',
        'text' => 'Texto',
        'attached' => 'Adjunto',
        'send' => 'Enviar',
        'open' => 'Abrir para enviar',
        'letterhead' => 'Escribe la dirección de correo del taller',
        'sent_to' => '«{kind}» sale para {to}.',
        'nothing_to_say' => 'Ahora no hay nada de ese tipo que decir sobre este pedido.',
        'sent' => 'Correo',
        'send_again' => 'Enviar otra vez',
        'send_again_to' => 'Enviar otra vez a',
        'goes_again' => 'Sale otra vez para {to}.',
        'on_its_way' => 'Ya está en camino o ya llegó.',
        'to_stand_in' => 'Esto es la demostración: el correo va a un buzón de prueba en este ordenador y a nadie más.',
        'not_an_address' => 'Escribe una sola dirección de correo, como nombre@example.com.',
        'say_something' => 'Escribe un asunto y un texto.',
        'bad_address' => 'El correo del {when} a {to} no llegó. {why}',
    ],
];
