@if ($page->leaf === App\Stations\HandOver\Leaf::Price && !$page->isEmpty())
    @php($leaf = $page->price())
    <div class="face">
        <p class="big figure">{{ $leaf->cost->currency->text($leaf->cost->said($leaf->cost->net())) }}</p>
        <p class="at">{{ $leaf->cost->currency->code }} {{ $leaf->quote->flag('gross') ? 'with tax' : 'before tax' }}
        </p>
        <dl class="small">
            <div>
                <dd class="figure">{{ BenchGlow\Cost\Cost::short($leaf->cost->hours->likely) }} h</dd>
                <dt>{{ $leaf->cost->hours->typed ? 'as typed' : 'planned' }}</dt>
            </div>
            <div>
                <dd class="figure">{{ $leaf->said($leaf->cost->bought()) }}</dd>
                <dt>parts</dt>
            </div>
        </dl>
    </div>
@elseif ($page->leaf === App\Stations\HandOver\Leaf::Seal && !$page->isEmpty())
    @php($leaf = $page->seal())
    <div class="face">
        <p class="big figure">{{ $page->isSealed() ? $page->last->letter : $leaf->next() }}</p>
        <p class="at">{{ $page->isSealed() ? 'the seal is closed' : 'the next seal' }}</p>
        <p class="figure">{{ $leaf->hash() }}</p>
        <p class="at">what is signed</p>
        <dl class="small">
            <div>
                <dd class="figure">{{ count(array_filter($leaf->gaps, fn($g) => $g->severity === 'danger')) }}</dd>
                <dt>dangers open</dt>
            </div>
        </dl>
    </div>
@else
    @include('frame.face')
@endif
