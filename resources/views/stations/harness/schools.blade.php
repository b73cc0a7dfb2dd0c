<section class="loom-part">
    <details class="layout-more">
        <summary>Either way is right</summary>
        @foreach ($page->schools() as $school)
            <h3>{{ $school['title'] }}</h3>
            <div class="kinds two">
                @foreach ($school['ways'] as $way)
                    <div class="kind">
                        <b>{{ BenchGlow\Quantity\Words::first($way['name']) }}</b>
                        <span class="figure">{{ $way['figure'] }}</span>
                        <span>{{ $way['right'] }}</span>
                    </div>
                @endforeach
            </div>
        @endforeach
    </details>
</section>
