<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** Whose the text of a procedure is. */
enum ProcedureOrigin: string
{
    /** As the program brings it. */
    case Program = 'program';
    /** The program brings another text of it than the shop has. */
    case Changed = 'changed';
    /** The program has none of this name. */
    case Shop = 'shop';
}
