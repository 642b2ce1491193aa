<?php

declare(strict_types=1);

namespace App\Types;

use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocTextNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;

/** What docblocks say that native types cannot: units in words, element types of lists. */
final readonly class DocTypes
{
    private Lexer $lexer;

    private PhpDocParser $parser;

    public function __construct()
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
    }

    /** The text before any tag, on one line. */
    public function sentence(string|false $comment): string
    {
        $texts = [];
        foreach ($this->parsed($comment)->children as $child) {
            if ($child instanceof PhpDocTextNode && $child->text !== '') {
                $texts[] = preg_replace('/\s+/', ' ', trim($child->text));
            }
        }

        return preg_replace('/ ?@var .*$/', '', implode(' ', $texts)) ?? '';
    }

    /** TypeScript name of the elements of a property that is a list. */
    public function elementOf(\ReflectionProperty $property): string
    {
        $comment = $property->getDocComment();
        $tag = is_string($comment) && preg_match('/@var (list<[^>]+>)/', $comment, $match) === 1 ? $match[1] : '';
        foreach ($this->parsed("/** @var $tag */")->getVarTagValues() as $var) {
            $element = $var->type instanceof GenericTypeNode ? $var->type->genericTypes[0] : null;
            if ($element instanceof IdentifierTypeNode) {
                return $element->name === 'int' || $element->name === 'float' ? 'number' : $element->name;
            }
        }

        throw new \LogicException("{$property->class}::{$property->name} needs a docblock with @var list<…>.");
    }

    private function parsed(string|false $comment): PhpDocNode
    {
        return $this->parser->parse(
            new TokenIterator($this->lexer->tokenize($comment === false ? '/** */' : $comment)),
        );
    }
}
