<?php

declare(strict_types=1);

/* Lo que está en un informe que se entrega. */
return [
    'title' => [
        'progress' => '{dog}: avances',
        'hand_over' => '{dog}: para el próximo entrenador',
        'vet' => '{dog}: para el veterinario',
        'summary' => '{dog}: cómo va',
        'care' => 'Tarjeta de cuidados: {dog}',
    ],
    'foot' => [
        'progress' => 'Según lo anotado hasta ahora. Los perros tienen días buenos y malos: esto dice dónde está el trabajo y no promete nada.',
        'hand_over' => 'Según lo anotado aquí. Empiece más lejos de lo que dice, en un lugar nuevo y con una persona nueva: decide el perro.',
        'vet' => 'Observaciones del entrenamiento, no diagnósticos. Qué significan lo dice usted.',
        'summary' => 'Pregunte cuando quiera. Si su perro no está bien, pregunte primero a su veterinario.',
        'care' => 'En esta tarjeta solo está lo seguro. Irse es un no: por favor espere, o pare por hoy.',
    ],
    'nothing' => 'Con estas partes todavía no hay nada que decir.',
    'made' => '{practice}, {day}, por {person}{isFor, select, yes {, para {for}} other {}}',
    'has_bitten' => 'Ha mordido: profesional cualificado presente, bozal como se ha enseñado',
    'until' => 'Este enlace termina {day}.',
    'download' => 'Descargar en PDF',
    'ended' => [
        'title' => 'Esta página está cerrada',
        'about' => 'El enlace ha terminado o fue cerrado. Pida otro a quien se lo envió.',
    ],
    'done' => 'Lo que se ha hecho',
    'sessions' => 'En las últimas {weeks} semanas: {sessions, plural, =0 {ninguna sesión} one {# sesión} other {# sesiones}}{days, plural, =0 {.} one { en # día.} other { en # días.}}',
    'at_home' => '{count, plural, one {# repetición} other {# repeticiones}} en casa. Gracias: ahí ocurre lo más importante.',
    'now' => 'Dónde está',
    'no_plan' => 'Todavía no hay plan.',
    'rests' => 'Descansa, hasta que su entrenador lo haya revisado.',
    'fine_from' => 'Está bien desde unos {distance} en un día normal. En los paseos, quédese más lejos.',
    'solid' => '{solid, plural, =0 {Está aprendiendo el primer paso.} other {Seguro hasta el paso # de {steps, number}.}}',
    'home' => 'En casa',
    'no_home' => 'De momento no hay nada que practicar.',
    'task' => '{what}. {times, plural, one {Una vez} other {# veces}} al día. Pare cuando: {stop}.',
    'watch' => 'En qué fijarse',
    'watch_early' => 'Aparta la mirada, se lame los labios, cierra la boca, se pone rígido: {dog} pide más espacio. Déselo.',
    'watch_food' => 'Coge la comida con brusquedad o no la coge: es demasiado. Aléjese más.',
    'watch_stop' => 'Se queda inmóvil o gruñe: manos fuera, aléjense juntos y díganoslo. Un gruñido es información.',
    'never' => 'Por favor, no',
    'never_scold' => 'Regañar ni castigar un gruñido, un ladrido o que se quede inmóvil. Quita el aviso, no el miedo.',
    'never_closer' => 'Acercarse más porque fue bien. Demasiado lejos cuesta un minuto, demasiado cerca una semana.',
    'never_hold' => 'Sujetar a {dog} donde intenta irse.',
    'never_child' => 'Dejar a {dog} solo con un niño, ni dejar que un niño lo entrene.',
    'next' => 'Lo próximo',
    'next_none' => 'Todavía no hay ninguna sesión prevista.',
    'next_at' => 'La próxima sesión: {when}.',
    'left_out' => [
        'title' => 'No incluido',
        'sessions' => '{count, plural, =1 {Una sesión más antigua de este año no se cuenta aquí.} other {# sesiones más antiguas de este año no se cuentan aquí.}}',
        'plans' => '{count, plural, =1 {Un plan más no aparece aquí.} other {# planes más no aparecen aquí.}}',
        'events' => '{count, plural, =1 {Uno más antiguo no aparece.} other {# más antiguos no aparecen.}}',
    ],
];
