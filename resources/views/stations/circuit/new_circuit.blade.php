@if ($frame->analysis->build->supplies !== [])
    <section
        class="new-circuit"
        id="new-circuit"
        aria-label="A new circuit"
    >
        <h2>A new circuit: begin with what glows</h2>
        <x-form
            op="add_circuit"
            echo="new-circuit-echo"
            render="new"
        >
            <x-light-fields prefix="nc" /><button class="button is-primary">Add the circuit</button><span
                class="echo"
                id="new-circuit-echo"
            ></span></x-form>
    </section>
@endif
