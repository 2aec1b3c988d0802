<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** Its ends are joined. */
final readonly class Short extends Fault
{
    /** @param  list<Element>  $across  what joins them */
    public function __construct(private array $across)
    {
        parent::__construct(FaultKind::Short);
    }

    public function elements(array $sound): array
    {
        return [...$sound, ...$this->across];
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingAcross;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(fed: 'fuse-blows', acts: 'always-acts');
    }
}
