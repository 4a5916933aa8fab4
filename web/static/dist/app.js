var uf=(()=>{let s={parse(n){if(!n)return{};if(n.startsWith("{"))return JSON.parse(n);let i=/(?:"([^"]+)"|'([^']+)'|([^\s,:]+))(?:\s*:\s*(?:"([^"]*)"|'([^']*)'|<((?:[^/]|\/(?!>))+)\/>|([^\s,]+)))?(?=\s|,|$)/g,r={};for(let o of n.matchAll(i)){let[,a,l,c,h,u,d,f]=o,p=a??l??c,y=(h??u??d??f??"true").trim();try{y=JSON.parse(y)}catch{}let g=c?.includes(".")?p.split(".").reduceRight((_,b)=>({[b]:_}),y):{[p]:y};s.merge(g,r)}return r},split(n){return n.split(/,(?![^\[]*\])(?![^(]*\))(?![^<]*\/>)(?=(?:[^"']|"[^"]*"|'[^']*')*$)/)},merge(n,i){typeof n=="string"&&(n=s.parse(n));for(let[r,o]of Object.entries(n)){if(["__proto__","constructor","prototype"].includes(r))continue;let a=o?.constructor===Object,l=i[r]?.constructor===Object;a&&l?s.merge(o,i[r]):i[r]=o}return i}};class t{#r=null;#n=[];admit(i,r,o){if(!this.#r)return this.#r={strategy:i,abort:o},"run";if(i==="replace"||i!=="abort"&&this.#r.strategy==="abort")return this.#n=[],this.#r.abort?.(),this.#r={strategy:i,abort:o},"run";if(i==="queue all")this.#n.push(r);else if(i==="queue last")this.#n=[r];else if(i!=="abort"&&i!=="drop"&&this.#n.length===0)this.#n.push(r);else return"dropped";return"queued"}continue(i){this.#r?.abort===i&&(this.#r=null,this.#n.shift()?.())}abort(){this.#r?.abort?.()}}class e{#r=s;#n=new Map;#E="";#G=new Set;_loc=window.location;#T;#W=Function;#q=Object.getPrototypeOf(async function(){}).constructor;#A={createHTML:i=>i,createScript:i=>i};#X;#_t="a,form";#vt=["get","post","put","patch","delete","query"];#$;#g;#C;#Y;#y;constructor(){this.#bt(),this.#wt(),this.#X=this.#l("[hx-action],[hx-get],[hx-post],[hx-put],[hx-patch],[hx-delete],[hx-query]"),this.#$=new XPathEvaluator().createExpression(`.//*[@*[${this.#_("hx-on").map(r=>`starts-with(name(), "${r}")`).join(" or ")}]]`),this.#T={HCON:s,attributeValue:this.#e.bind(this),parseTriggerSpecs:this.#Z.bind(this),determineMethodAndAction:this.#K.bind(this),createRequestContext:this.#I.bind(this),collectFormData:this.#ut.bind(this),getAttributeObject:this.#U.bind(this),insertContent:this.#D.bind(this),morph:this.#z.bind(this),isSoftMatch:this.#ae.bind(this),initSecurity:(r,o,a)=>{r&&(this.#A=r),o&&(this.#W=o),a&&(this.#q=a)},onTrigger:this.#v.bind(this),htmxProp:this.#o.bind(this),triggerHtmxEvent:this.#t.bind(this),executeJavaScript:this.#u.bind(this)};let i=()=>this.initialize();document.readyState==="loading"?document.addEventListener("DOMContentLoaded",i):setTimeout(i)}#bt(){this.version="4.0.1",this.config={logAll:!1,prefix:"data-hx-",transitions:!1,history:!0,mode:"same-origin",defaultSwap:"innerHTML",defaultFocusScroll:!1,indicatorClass:"htmx-indicator",requestClass:"htmx-request",includeIndicatorCSS:!0,defaultTimeout:6e4,extensions:"",morphIgnore:["data-htmx-powered"],morphSkip:"[hx-morph-skip]",morphSkipChildren:"[hx-morph-skip-children]",morphScanLimit:10,noSwap:[204,304],implicitInheritance:!1,defaultSettleDelay:1,allowEmptySwapAfterOOB:!1};let i=document.querySelector('meta[name="htmx-config"]');i&&s.merge(i.content,this.config),this.#E=this.config.extensions}#wt(){if(this.config.includeIndicatorCSS!==!1){let i=this.config.indicatorClass,r=this.config.requestClass;try{this.indicatorStyleSheet=new CSSStyleSheet,this.indicatorStyleSheet.replaceSync(`.${i}{opacity:0;visibility: hidden} .${r} .${i}, .${r}.${i}{opacity:1;visibility: visible;transition: opacity 200ms ease-in}`),document.adoptedStyleSheets.push(this.indicatorStyleSheet)}catch{}}}registerExtension(i,r){if(this.#E&&!this.#E.split(/,\s*/).includes(i)||this.#G.has(i))return!1;this.#G.add(i),r.init&&r.init(this.#T),Object.entries(r).forEach(([o,a])=>{this.#n.get(o)?.push(a)||this.#n.set(o,[a])})}#R(i){let r=this.config.prefix;return!i.closest||i.closest("[hx-ignore]")!=null||r&&i.closest(`[${r}ignore]`)!=null}#x(i,r){let o=this.config.prefix;return i.getAttribute(r)??(o?i.getAttribute(r.replace("hx-",o)):null)}#P(i,r){let o=this.config.prefix&&r.replace("hx-",this.config.prefix);return i.hasAttribute(r)?r:o&&i.hasAttribute(o)?o:null}#l(i){return this.#_(i).join(",")}#_(i){let r=[i];return this.config.prefix&&r.push(i.replaceAll("hx-",this.config.prefix)),r}#c(i,r){let o=[...i.querySelectorAll?.(r)??[]];return i.matches?.(r)&&o.unshift(i),o}#St(i){return i==="before"?"beforebegin":i==="after"?"afterend":i==="prepend"?"afterbegin":i==="append"?"beforeend":i}#Mt(i,r){let o=[];return this.#e(i,r,void 0,(a,l)=>{a?.split(/\s*[,:]\s*/).includes("this")&&o.push(l)}),o}#e(i,r,o,a,l=this.config.implicitInheritance){r=this.#m(r);let c=this.#m(":inherited"),h=this.#m(":append"),u=this.#x(i,r)??this.#x(i,r+c);if(u!=null)return a?a(u,i):u;let d=CSS.escape(l?r:r+c),f=CSS.escape(r+c+h),p=this.#l(`[${d}],[${f}]`),y=this.#P(i,r+h)??this.#P(i,r+c+h);if(y){let g=i.getAttribute(y),_=i.parentNode?.closest?.(p);if(a&&a(g,i),_){let b=this.#e(_,r,void 0,a,l);return b?(b+","+g).replace(/[{}]/g,""):g}return g}let m=i.parentNode?.closest?.(p);return m?(u=this.#e(m,r,void 0,a),!a&&u&&l&&this.#a(i,"htmx:after:implicitInheritance",{elt:i,name:r,parent:m}),u):o}#Z(i){return s.split(i).flatMap(r=>{r=r.replace(/^\s*every\s+(\S+?)\s*(\[[^\]]*\])/,"every$2 $1");let[,o,a]=r.match(/^\s*(\S+\[[^\]]*\]|\S+)\s*(.*?)\s*$/)??[];if(!o)return[];if(/\[[^\]]*$/.test(o))throw"unterminated:"+o;return[{name:o,...s.parse(a)}]})}#K(i,r){let o=this.#e(i,"hx-method"),a=this.#e(i,"hx-action",void 0,void 0,!1);if(!a)for(let l of this.#vt){let c=this.#e(i,"hx-"+l,void 0,void 0,!1);if(c!=null){a=c,o=l;break}}return this.#d(i)&&(a||=r.submitter?.getAttribute?.("formAction")||i.getAttribute(i.matches("a")?"href":"action")),o||=r.submitter?.getAttribute?.("formmethod")||i.getAttribute("method")||"GET",{action:a,method:o.toUpperCase()}}#o(i){return i._htmx||(i._htmx={listeners:[],triggerSpecs:[]},i.setAttribute("data-htmx-powered","true")),i._htmx}#h(i){return i._htmx_state||={}}#Et(i){if(this.#rt(i)&&this.#t(i,"htmx:before:init",{},!0)){let r=this.#o(i);r.initialized=!0,r.eventHandler=this.#J(i),this.#it(i),this.#t(i,"htmx:after:init",{},!0)}}#J(i){return async r=>{try{let o=this.#I(i,r);await this.#Q(o)}catch(o){this.#t(i,"htmx:error",{error:o})}}}#I(i,r){let{action:o,method:a}=this.#K(i,r),[l,c]=(o||"").split("#"),h=new AbortController,u={sourceElement:i,sourceEvent:r,status:"created",select:this.#e(i,"hx-select"),selectOOB:this.#e(i,"hx-select-oob"),target:this.#e(i,"hx-target"),swap:this.#e(i,"hx-swap")??this.config.defaultSwap,push:this.#e(i,"hx-push-url"),replace:this.#e(i,"hx-replace-url"),transition:this.config.transitions,confirm:this.#e(i,"hx-confirm"),request:{validate:this.#e(i,"hx-validate",i.matches("form")&&!i.noValidate&&!r.submitter?.formNoValidate?"true":"false",void 0,!1)==="true",action:l,anchor:c,method:a,headers:this.#Tt(i),abort:h.abort.bind(h),credentials:"same-origin",signal:h.signal,mode:this.config.mode}};i._htmx?.boosted&&s.merge(i._htmx.boosted,u),u.target=this.#L(i,u.target),u.target&&(u.request.headers["HX-Target"]=this.#j(u.target));let d=this.#e(i,"hx-config");return d&&(s.merge(d,u.request),u.request.mode=this.config.mode),u}#j(i){return`${i.tagName.toLowerCase()}${i.id?"#"+encodeURI(i.id):""}`}#Tt(i){let r={"HX-Request":"true","HX-Source":this.#j(i),"HX-Current-URL":location.href,Accept:"text/html"};return this.#d(i)&&(r["HX-Boosted"]="true"),r}#At(i,r){return this.#U(i,"hx-headers",o=>{for(let a in o)r.request.headers[a]=String(o[a])},{ctx:r})}#L(i,r){return r instanceof Element?r:r!=null?this.#F(i,r,"hx-target"):this.#d(i)?document.body:i}#d(i){return i?._htmx?.boosted}async#Q(i){let r=i.sourceElement,o=i.sourceEvent;if(!r.isConnected||this.#Lt(o))return;this.#nt(o)&&o.preventDefault();let a=/GET|DELETE/.test(i.request.method),l=a?r.matches("form")?r:null:r.form||r.closest("form"),c=this.#ut(r,l,o.submitter,i.request.validate,a);if(!c)return;let h=this.#U(r,"hx-vals",f=>{i.vals=f;for(let p in f)c.set(p,f[p])},{ctx:i});if(h&&await h,i.values)for(let f in i.values)c.delete(f),c.append(f,i.values[f]);let u=this.#At(r,i);if(u&&await u,Object.assign(i.request,{form:l,submitter:o.submitter,body:c}),!this.#t(r,"htmx:config:request",{ctx:i})||i.request.method==="DIALOG")return;let d=this.#B(i.request.action);if(d!=null){let f=Object.fromEntries(i.request.body);await this.#u(i.sourceElement,f,d,!1);return}else if(a){let f=new URL(i.request.action,document.baseURI);for(let p of i.request.body.keys())f.searchParams.delete(p);for(let[p,y]of i.request.body)f.searchParams.append(p,y);f.origin===location.origin?i.request.action=f.pathname+f.search:i.request.action=f.href,i.request.body=null}else(this.#e(r,"hx-encoding")??l?.enctype)!=="multipart/form-data"&&(i.request.body=new URLSearchParams(i.request.body));await this.#tt(i)}async#tt(i){let r=i.sourceElement,o=this.#It(r),a=this.#et(r);this.#re(r);let l=()=>i.request?.abort?.();if(a.admit(o,()=>this.#tt(i),l)==="run"){i.status="issuing",i.indicators??=[],i.disabledElements??=[];try{if(i.confirm&&!await new Promise(u=>{let d={ctx:i,issueRequest:()=>u(!0),dropRequest:()=>u(!1)};if(this.#t(r,"htmx:confirm",d)){let f=this.#B(i.confirm);u(f?this.#u(r,{ctx:i},f,!0):window.confirm(i.confirm))}})||(this.#Pt(i),this.#jt(i),this.#te(i),i.fetch||=window.fetch.bind(window),i.request.headers["HX-Request-Type"]=i.target===document.body||i.select?"full":"partial",!this.#t(r,"htmx:before:request",{ctx:i})))return;let c=await i.fetch(i.request.action,i.request);if(i.response={raw:c,status:c.status,headers:c.headers},this.#Ct(i),!this.#t(r,"htmx:before:response",{ctx:i})||(i.text=await c.text(),!this.#t(r,"htmx:after:request",{ctx:i})))return;if(i.response.status>=400&&this.#t(r,"htmx:response:error",{ctx:i}),this.#Rt(i)){i.keepIndicators=!0;return}if(i.status==="issuing"){if(i.hx.retarget&&(i.target=i.hx.retarget),i.hx.reswap&&(i.swap=i.hx.reswap),i.hx.reselect&&(i.select=i.hx.reselect),i.target?.isConnected===!1)return;i.status="response received",this.#he(i),await this.swap(i),i.status="swapped"}}catch(c){i.status="error: "+c,(c?.name!=="AbortError"||i.request.signal.reason==="timeout")&&this.#t(r,"htmx:error",{ctx:i,error:c})}finally{await i.extensionPromise?.catch(()=>{}),clearTimeout(i.requestTimeout),i.hx?.trigger&&this.#Dt(i.hx.trigger,i.sourceElement),this.#t(r,"htmx:finally:request",{ctx:i}),i.keepIndicators||(this.#Qt(i.indicators),this.#ee(i.disabledElements)),a.continue(l)}}}#Ct(i){i.hx={};for(let[r,o]of i.response.raw.headers)r.toLowerCase().startsWith("hx-")&&(i.hx[r.slice(3).toLowerCase().replace(/-/g,"")]=o)}#Rt(i){if(i.hx.refresh==="true")return this._loc.reload(),!0;if(i.hx.redirect)return this._loc.href=i.hx.redirect,!0;if(i.hx.location){let r=i.hx.location,o={},a=s.parse(r);return(r[0]==="{"||a.path!=null)&&(o=a,r=o.path,delete o.path),o.push==null&&o.replace==null&&(o.push="true"),o.indicators=i.indicators,o.disabledElements=i.disabledElements,this.ajax("GET",r,o),!0}}#Pt(i){let r=i.request.timeout!=null?this.parseInterval(i.request.timeout):this.config.defaultTimeout;r&&(i.requestTimeout=setTimeout(()=>i.request?.abort?.("timeout"),r))}#It(i){let r=this.#e(i,"hx-sync");if(!r)return"queue first";let o=r.split(":").pop().trim();return/^(drop|abort|replace|queue)/.test(o)?o:"queue first"}#et(i){let r=this.#e(i,"hx-sync"),o=i;if(r){let a=r.includes(":")?r.slice(0,r.lastIndexOf(":")).trim():/^(drop|abort|replace|queue)/.test(r)?null:r;a&&(o=this.#F(i,a,"hx-sync")||i)}return this.#h(o).rq||=new t}#Lt(i){return i.type==="click"&&(i.ctrlKey||i.metaKey||i.shiftKey)&&!!i.currentTarget?.closest?.("a[href]")}#nt(i){let r=i.currentTarget;if(i.type==="submit"&&r?.tagName==="FORM")return!0;if(!(i.type==="click"&&i.button===0))return!1;let l=r?.closest?.('button, input[type="submit"], input[type="image"]'),c=l?.form||l?.closest("form");if(l&&!l.disabled&&c&&(l.type==="submit"||l.type==="image"||!l.type&&l.tagName==="BUTTON"))return!0;let u=r?.closest?.("a");if(!u||!u.href)return!1;let d=u.getAttribute("href");return!(d&&d.startsWith("#")&&d.length>1)}#it(i,r=i._htmx.eventHandler){let a=this.#e(i,"hx-trigger",void 0,void 0,!1)||(i.matches("form")?"submit":i.matches("input:not([type=button]):not([type=submit]),select,textarea")?"change":"click");this.#v(i,a,r)}#v(i,r,o){let a=this.#Z(r);this.#o(i).triggerSpecs.push(...a);for(let l of a){l.listeners=[];let[c,h]=this.#Nt(l.name),u=[i];l.from==="outside"?u=[document]:l.from&&l.from!=="self"&&(u=this.#s(i,l.from));let d=p=>{if((l.halt||l.prevent)&&p.preventDefault(),(l.halt||l.stop||l.consume)&&p.stopPropagation(),l.changed){let y=this.#h(i).changedValues??=new WeakMap,m=p.target;if(!["checkbox","radio"].includes(m?.type)){let g=m?.value;if(y.has(m)&&y.get(m)===g)return;y.set(m,g)}}if(l.once)for(let y of l.listeners)y.fromElt.removeEventListener(y.eventName,y.handler,y);o(p)},f=d;if(l.delay?f=p=>{clearTimeout(l.timeout),l.timeout=setTimeout(()=>d(p),this.parseInterval(l.delay))}:l.throttle&&(f=p=>{l.throttled?l.throttledEvent=p:(l.throttled=!0,d(p),l.throttleTimeout=setTimeout(()=>{if(l.throttled=!1,l.throttledEvent){let y=l.throttledEvent;l.throttledEvent=null,f(y)}},this.parseInterval(l.throttle)))}),l.handler=p=>{if(this.#nt(p)&&p.preventDefault(),!(l.from==="self"&&p.target!==i)&&!(l.from==="outside"&&i.contains(p.target))&&!(l.target&&!p.target?.matches?.(l.target))){if(h){let y={};for(let m in p)/^[a-z]+$/i.test(m)&&(y[m]=p[m]);if(!this.#u(i,y,h,!0,!1))return}if(c!=="every")for(let y of this.#o(i).triggerSpecs)clearTimeout(y.timeout),y.throttledEvent=null;f(p)}},c==="intersect"||c==="revealed"){let p={rootMargin:l.rootMargin};l.root&&(p.root=this.#F(i,l.root)),l.threshold&&(p.threshold=parseFloat(l.threshold));let y=c==="revealed";l.observer=new IntersectionObserver(m=>{for(let g=0;g<m.length;g++)if(m[g].isIntersecting){this.trigger(m[g].target,"intersect",{},!1),y&&l.observer.disconnect();break}},p),c="intersect";for(let m of u)l.observer.observe(m)}if(c==="every"){let p=Object.keys(l).find(y=>y!=="name");l.interval=setInterval(()=>{i.isConnected?this.#t(i,"every",{},!1):clearInterval(l.interval)},this.parseInterval(p))}if(c==="load"){l.handler(new CustomEvent("load"));continue}for(let p of u){let y={fromElt:p,eventName:c,handler:l.handler,capture:!!l.capture,passive:!!l.passive};i._htmx.listeners.push(y),l.listeners.push(y),p.addEventListener(c,l.handler,y)}}}#Nt(i){let r=i.match(/^([^\[]*)\[([^\]]*)]/);return r?[r[1],r[2]]:[i,null]}#Dt(i,r){if(i[0]==="{"){let o=s.parse(i);for(let a in o){let l=o[a],c=r;l?.target&&(c=this.find(l.target)),this.trigger(c,a,typeof l=="object"?l:{value:l})}}else i.split(",").forEach(o=>this.trigger(r,o.trim(),{}))}#Ut(i){let r={},o=Object.getPrototypeOf(this);for(let a of Object.getOwnPropertyNames(o))a!=="constructor"&&typeof this[a]=="function"&&(["find","findAll"].includes(a)?r[a]=(l,c)=>c===void 0?this[a](i,l):this[a](l,c):r[a]=this[a].bind(this));return r}#u(i,r,o,a=!0,l=!0,c=!1){let h={};Object.assign(h,this.#Ut(i));let u={},d={scope:u,code:o};this.#a(i,"htmx:scope",d),o=d.code,Object.assign(h,u),Object.assign(h,r);let f=Object.keys(h),p=Object.values(h),y=l?this.#q:this.#W,m=new y(...f,a?`return (${o})`:o);return c?()=>m.call(i,...p):m.call(i,...p)}process(i,r){if(!i?.isConnected)return;if(!(i instanceof Element)){for(let c of i.children||[])this.process(c,r);return}if(r&&this.#i(i,!0),this.#R(i)||!this.#t(i,"htmx:before:process"))return;let o=[i],a=this.#$.evaluate(i),l=null;for(;l=a.iterateNext();)o.push(l);for(let c of o)!this.#R(c)&&this.#t(c,"htmx:before:on:init",{},!0)&&this.#Jt(c);for(let c of this.#c(i,this.#X))this.#Et(c);for(let c of this.#c(i,this.#_t))this.#Ot(c);this.#t(i,"htmx:after:process")}#Ot(i){let r=this.#e(i,"hx-boost");if(r&&r!=="false"&&this.#Ft(i)&&this.#t(i,"htmx:before:init",{},!0)){let o=this.#o(i);o.initialized=!0,o.eventHandler=this.#J(i),o.boosted=r,this.#it(i),this.#t(i,"htmx:after:init",{},!0)}}#Ft(i){if(this.#rt(i)){if(i.tagName==="A"){if(i.target===""||i.target==="_self")return!i.hasAttribute("download")&&!i.getAttribute("href")?.startsWith?.("#")&&this.#st(i.href)}else if(i.tagName==="FORM")return i.method!=="dialog"&&this.#st(i.action)}}#st(i){try{return new URL(i,window.location.href).origin===window.location.origin}catch{return!1}}#rt(i){return!i._htmx?.initialized&&!this.#R(i)}#i(i,r){let o=[i,...i.querySelectorAll?.("[data-htmx-powered]")??[]];for(let a of o)if(a._htmx){this.#t(a,"htmx:before:cleanup");for(let l of a._htmx.triggerSpecs||[])l.interval&&clearInterval(l.interval),l.timeout&&clearTimeout(l.timeout),l.throttleTimeout&&clearTimeout(l.throttleTimeout),l.observer?.disconnect();for(let l of a._htmx.listeners||[])l.fromElt.removeEventListener(l.eventName,l.handler,l);a.removeAttribute("data-htmx-powered"),this.#t(a,"htmx:after:cleanup"),r&&delete a._htmx}}#kt(i){let r=document.createElement("div");r.hidden=!0,document.body.insertAdjacentElement("afterend",r);let o=i.querySelectorAll?.(this.#l("[hx-preserve]"))||[];for(let a of o){let l=document.getElementById(a.id);l&&this.#p(r,l,null)}return r}#Bt(i){for(let r of[...i.children]){let o=document.getElementById(r.id);o&&(this.#p(o.parentNode,r,o),this.#i(o),o.remove())}i.remove()}#N(i){let r=this.#A.createHTML(i);return Document.parseHTMLUnsafe?.(r,{})||new DOMParser().parseFromString(r,"text/html")}#zt(i){let r=i.replace(/<hx-([a-z]+)(\s+|>)/gi,'<template hx type="$1"$2').replace(/<\/hx-[a-z]+>/gi,"</template>"),o="";r=r.replace(/<head(\s[^>]*)?>[\s\S]*?<\/head>/i,h=>(o=this.#N(h).title,""));let a=r.match(/<([a-z][^\/>\x20\t\r\n\f]*)/i)?.[1]?.toLowerCase(),l,c;if(a==="html"||a==="body"?(l=this.#N(r),c=document.createDocumentFragment(),c.append(l.body)):(l=this.#N(`<template>${r}</template>`),c=l.querySelector("template").content),!o){let h=c.querySelector("title:not(svg title)");h&&(o=h.textContent,h.remove())}return this.#ct(c),{fragment:c,title:o}}#ot(i,r,o,a){let l=r.id?"#"+CSS.escape(r.id):null,[,c,h]=o.match(/^(\S+):(.+)/)??[];c&&([o,l]=[c,h||l]),(o==="true"||!o)&&(o="outerHTML");let u=this.#b(o);if(l=u.target||l,u.strip??=!u.style.startsWith("outer"),!l)return;let d=this.#s(a,l);for(let f of d){let p=document.createDocumentFragment();p.append(r.cloneNode(!0)),i.push({type:"oob",fragment:p,target:f,swapSpec:u,sourceElement:a})}r.remove()}#Vt(i,r,o){let a=[];if(o)for(let l of o.split(",")){let[c,h="true"]=l.split(/:(.*)/);for(let u of i.querySelectorAll(c))this.#ot(a,u,h,r)}for(let l of i.querySelectorAll(this.#l("[hx-swap-oob]"))){let c=this.#P(l,"hx-swap-oob"),h=l.getAttribute(c);l.removeAttribute(c),this.#ot(a,l,h,r)}return a}#f(i,r,o){r?r.before(...o.childNodes):i.append(...o.childNodes)}#b(i){i=i.trim();let r=this.config.defaultSwap;if(i&&!/^\S*:/.test(i)){let o=i.match(/^(\S+)\s*(.*)$/);r=o[1],i=o[2]}return{style:this.#St(r),...s.parse(i)}}#Ht(i,r){let o=[];for(let a of i.querySelectorAll("template[hx]")){let l=a.getAttribute("type");if(l==="partial"){let c=this.#x(a,"hx-target")||(a.id?"#"+CSS.escape(a.id):null);if(c){this.#ct(a.content);let h=this.#b(this.#x(a,"hx-swap")||this.config.defaultSwap);h.ignoreTitle&&(r.title=null);let u=this.#s(r.sourceElement,c);for(let d of u.length?u:[null])o.push({type:"partial",fragment:a.content.cloneNode(!0),target:d,swapSpec:h,sourceElement:r.sourceElement})}}else this.#a(a,"htmx:process:"+l,{ctx:r,tasks:o});a.remove()}return o}#at(i,r,o,a){try{o!=null&&i.setSelectionRange&&i.setSelectionRange(o,a),i.focus(r)}catch{}}#Gt(i){let r=this.#c(i,"[autofocus]")[0];r&&this.#at(r)}#lt(i){return i===window||i===document?document.scrollingElement:i}#Wt(i,r){if(i.scroll){let o=i.scrollTarget?this.#lt(this.#k(r,i.scrollTarget)):r;o&&(i.scroll==="top"?o.scrollTop=0:i.scroll==="bottom"&&(o.scrollTop=o.scrollHeight))}(i.show==="top"||i.show==="bottom")&&(i.showTarget?this.#lt(this.#k(r,i.showTarget)):r)?.scrollIntoView?.(i.show==="top")}#qt(i){i.request?.anchor&&document.getElementById(i.request.anchor)?.scrollIntoView({block:"start",behavior:"auto"})}#ct(i){let r=this.#c(i,"script");for(let o of r){let a=document.createElement("script");for(let l of o.attributes)a.setAttribute(l.name,l.value);this.config.inlineScriptNonce&&(a.nonce=this.config.inlineScriptNonce),a.textContent=this.#A.createScript(o.textContent),o.replaceWith(a)}}initialize(){this.config.history&&!this.#Y&&(this.#Y=!0,window.navigation&&!/firefox/i.test(navigator.userAgent)?navigation.addEventListener("navigate",i=>{i.navigationType==="traverse"&&i.canIntercept&&!i.hashChange&&i.intercept({handler:()=>this.#ht()})}):window.addEventListener("popstate",i=>this.#ht(i.state))),this.process(document.body)}async swap(i){try{let{fragment:r,title:o}=this.#zt(i.text);i.title=o;let a=[],l=this.#Vt(r,i.sourceElement,i.selectOOB),c=this.#Ht(r,i);a.push(...l,...c);let h=c.length||l.length&&!this.config.allowEmptySwapAfterOOB,u=this.#Xt(i,r,h);if(u&&a.unshift(u),!this.#t(i.sourceElement,"htmx:before:swap",{ctx:i,tasks:a}))return;this.#Kt(i);let d=[],f=[];for(let p of a)p.swapSpec?.transition??u?.transition??i.transition?f.push(p):d.push(this.#D(p));if(f.length>0){let p=async()=>{for(let y of f)await this.#D(y,!1)};d.push(this.#ue(p,i))}await Promise.all(d),!i.sourceElement?.isConnected&&u?.target?.isConnected&&(i.sourceElement=u.target),this.#t(i.sourceElement,"htmx:after:swap",{ctx:i}),i.title&&i.swap!=="none"&&(document.title=i.title),this.#qt(i)}finally{this.#t(i.sourceElement,"htmx:finally:swap",{ctx:i})}}#Xt(i,r,o){let a=this.#b(i.swap||this.config.defaultSwap);if(a.ignoreTitle&&(i.title=null),a.style==="delete"||(r.querySelector("body")||r).childElementCount>0||r.textContent.trim()||(a.swapEmpty??!o)){if(i.select){let c=r.querySelectorAll(i.select);r=document.createDocumentFragment(),r.append(...c)}return this.#d(i.sourceElement)&&(a.show||="top"),{type:"main",fragment:r,target:this.#L(i.sourceElement||document.body,a.target||i.target),swapSpec:a,sourceElement:i.sourceElement,transition:i.transition&&a.transition!==!1}}}async#D(i,r=!0){let{target:o,swapSpec:a,fragment:l}=i;if(typeof o=="string"&&(o=document.querySelector(o)),!o)return;typeof a=="string"&&(a=this.#b(a));let c=a.style;if(c==="none")return;if(l.firstElementChild?.tagName==="BODY"){let m=o===document.body&&c.startsWith("outer");m&&c==="outerHTML"&&(c="outerSync"),a.strip??=!m}if(a.strip&&l.firstElementChild&&(l=document.createDocumentFragment(),l.append(...(i.fragment.firstElementChild.content||i.fragment.firstElementChild).childNodes)),this.#w(o,"htmx-swapping"),r&&i.swapSpec?.swap&&await this.timeout(i.swapSpec?.swap),c==="delete"){o.parentNode&&(this.#i(o),o.parentNode.removeChild(o));return}let h,u=[],d=a.settle??this.config.defaultSettleDelay,f=o.parentNode;if(c==="innerHTML"||c==="outerHTML"&&f){let m=document.activeElement;if(m?.id){let g,_;try{g=m.selectionStart,_=m.selectionEnd}catch{}h={elt:m,start:g,end:_}}u=r&&d?this.#de(l,o):[]}let p=this.#kt(l),y=[...l.childNodes];try{if(c==="innerHTML"){for(let m of o.children)this.#i(m);o.replaceChildren(...l.childNodes)}else if(c==="textContent"){for(let m of o.querySelectorAll("[data-htmx-powered]"))this.#i(m);o.textContent=l.textContent}else if(c==="outerHTML")f&&(this.#f(f,o,l),this.#i(o),f.removeChild(o),o=y.find(m=>m.nodeType===1)||f);else if(c==="outerSync"){this.#H(o,l.firstElementChild);for(let m of o.children)this.#i(m);o.replaceChildren(...l.firstElementChild.childNodes),y=[o]}else if(c==="innerMorph")this.#z(o,l,!0),y=[...o.childNodes];else if(c==="outerMorph")this.#z(o,l,!1),y.push(o);else if(c==="beforebegin")f&&this.#f(f,o,l);else if(c==="afterbegin")this.#f(o,o.firstChild,l);else if(c==="beforeend")this.#f(o,null,l);else if(c==="afterend")f&&this.#f(f,o.nextSibling,l);else{let m=this.#n.get("handle_swap")||[],g=!1;for(let _ of m){let b=_(c,o,l,a);if(b){g=!0,Array.isArray(b)&&(y=b);break}}if(!g)throw new Error(`Unknown swap style: ${c}`)}}finally{this.#S(o,"htmx-swapping")}if(i.target=o,this.#Bt(p),h&&!h.elt.matches(":focus")){let m=document.getElementById(h.elt.id);if(m){let g={preventScroll:a.focusScroll!==void 0?!a.focusScroll:!this.config.defaultFocusScroll};this.#at(m,g,h.start,h.end)}}this.#t(o,"htmx:before:settle",{task:i,newContent:y,settleTasks:u});for(let m of y)this.#w(m,"htmx-added");if(r&&u.length>0){this.#w(o,"htmx-settling"),await this.timeout(d);for(let m of u)m();this.#S(o,"htmx-settling")}this.#t(o,"htmx:after:settle",{task:i,newContent:y,settleTasks:u});for(let m of y)this.#S(m,"htmx-added"),this.process(m),this.#Gt(m);this.#Wt(a,o)}#t(i,r,o={},a=!0){if(o.error){let l=`htmx: ${r}: ${o.error.message??o.error}`;o.error instanceof Error?console.error(l,o.error,{elt:i,detail:o}):console.error(l,{elt:i,detail:o})}else o.warn?console.warn(`htmx: ${r}: ${o.warn}`,{elt:i,detail:o}):this.config.logAll&&console.log(`htmx: ${r}`,{elt:i,detail:o});return i=this.#M(i),this.#a(i,r,o),this.trigger(i,this.#m(r),o,a)}#a(i,r,o={}){let a=this.#n.get(r.replace(/:/g,"_"));if(a){o.cancelled=!1;for(let l of a)if(l(i,o)===!1||o.cancelled)return o.cancelled=!0,!1}return!0}timeout(i){if(i=this.parseInterval(i),i>0)return new Promise(r=>setTimeout(r,i))}onLoad(i){this.on(this.#m("htmx:after:process"),r=>{i(r.target)})}on(i,r,o){let a,l=document;return o===void 0?(a=i,o=r):(l=this.#M(i),a=r),l.addEventListener(a,o),o}find(i,r){return this.#k(i,r)}findAll(i,r){return this.#s(i,r)}parseInterval(i){if(typeof i=="number")return i;let r={ms:1,s:1e3,m:6e4},[,o,a]=i?.match(/^([\d.]+)(ms|s|m)?$/)||[],l=parseFloat(o)*(r[a]||1);return isNaN(l)?void 0:l}trigger(i,r,o={},a=!0){i=this.#M(i);let l=new CustomEvent(r,{detail:o,cancelable:!0,bubbles:a,composed:!0}),c=i?.isConnected?i:document;return!o?.cancelled&&c.dispatchEvent(l)}ajax(i,r,o){(!o||o instanceof Element||typeof o=="string")&&(o={target:o});let a=typeof o.source=="string"?document.querySelector(o.source):o.source;if(typeof o.source=="string"&&!a)return Promise.reject(new Error("Source not found"));a||=document.body;let l=this.#I(a,o.event||{});return Object.assign(l,o),o.target&&(l.target=this.#L(document.body,o.target),!l.target)?Promise.reject(new Error("Target not found")):(Object.assign(l.request,{action:r,method:i.toUpperCase()}),o.headers&&Object.assign(l.request.headers,o.headers),this.#Q(l))}#$t(i){this.config.history&&(history.pushState({htmx:!0},"",i),this.#t(document,"htmx:after:history:push",{path:i}))}#Yt(i){this.config.history&&(history.replaceState({htmx:!0},"",i),this.#t(document,"htmx:after:history:replace",{path:i}))}async#ht(i,r){if(await this.timeout(1),i??=history.state,!i?.htmx)return;this.#C?.abort(),r=r||location.pathname+location.search;let o=document.querySelector(this.#l("[hx-history-elt]"))||document.body;if(this.#t(document,"htmx:before:history:restore",{path:r,cacheMiss:!0}))if(this.config.history==="reload")this._loc.reload();else return this.#C=new AbortController,this.ajax("GET",r,{target:o,swap:"outerSync",select:o!==document.body?this.#l("[hx-history-elt]"):void 0,request:{headers:{"HX-History-Restore-Request":"true"},signal:this.#C.signal}})}#Zt(i){let{sourceElement:r,push:o,replace:a,hx:l,response:c}=i;if((l?.pushurl||l?.replaceurl)&&(o=l.pushurl,a=l.replaceurl),o==null&&a==null&&this.#d(r)&&(o="true"),(o==="false"||o===!1)&&(o=null),(a==="false"||a===!1)&&(a=null),!o&&!a)return null;let h=o||a;if(h==="true"){let d=c?.raw?.url||i.request.action,f=new URL(d,location.href);h=f.pathname+f.search+(i.request.anchor?"#"+i.request.anchor:"")}return{type:o?"push":"replace",path:h}}#Kt(i){if(!this.config.history)return;history.state?.htmx||history.replaceState({htmx:!0},"",location.href);let r=this.#Zt(i);if(!r)return;let o={history:r,sourceElement:i.sourceElement,response:i.response};this.#t(document,"htmx:before:history:update",o)&&(r.type==="push"?this.#$t(r.path):this.#Yt(r.path),this.#t(document,"htmx:after:history:update",o))}#Jt(i){if(i._htmx?.onInitialized)return;let r=this.#_("hx-on"),o=this.config.metaCharacter||":",a=l=>async c=>{try{await this.#u(i,{event:c},`with(event?.detail||{}){${l}}`,!1)}catch(h){typeof h!="symbol"&&this.#t(i,"htmx:error",{error:h})}};for(let l of i.getAttributeNames()){let c=r.find(f=>l.startsWith(f));if(!c)continue;this.#o(i).onInitialized=!0;let h=l.substring(c.length),u=i.getAttribute(l);if(!h){for(let f of u.split(/;(?=[^;]*->)/)){let p=f.indexOf("->");p!==-1&&this.#v(i,f.substring(0,p).trim(),a(f.substring(p+2).trim()))}continue}if(h[0]!==o)continue;let d=h.substring(1);d.startsWith(o)&&(d="htmx"+o+d.substring(1)),this.#v(i,d,a(u))}}#jt(i){let r=i.sourceElement,o=this.#e(r,"hx-indicator"),a;if(o)a=this.#s(r,o,"hx-indicator");else{if(r===document.body)return;a=[r]}for(let l of a){i.indicators.push(l);let c=this.#h(l);c.rc=(c.rc||0)+1,this.#w(l,this.config.requestClass)}}#Qt(i){for(let r of i){let o=this.#h(r);o.rc&&--o.rc<=0&&(this.#S(r,this.config.requestClass),delete o.rc)}}#te(i){let r=i.sourceElement,o=this.#e(r,"hx-disable");if(o)for(let a of this.#s(r,o,"hx-disable")){i.disabledElements.push(a);let l=this.#h(a);l.dc=(l.dc||0)+1,a.disabled=!0}}#ee(i){for(let r of i){let o=this.#h(r);o.dc&&--o.dc<=0&&(r.disabled=!1,delete o.dc)}}#ut(i,r,o,a,l){if(a&&r&&!r.reportValidity())return;o??=r&&i.type==="submit"?i:null;let c=r?new FormData(r):new FormData,h=r?new Set(r.elements):new Set;if(!r){if(a&&i.reportValidity&&!i.reportValidity())return;this.#dt(i,h,c,l)}o?.name&&(c.append(o.name,o.value),h.add(o));let u=this.#e(i,"hx-include");if(u)for(let d of this.#s(i,u)){if(a&&d.reportValidity&&!d.reportValidity())return;this.#dt(d,h,c)}return c}#dt(i,r,o,a){let l=i.tagName,c=[];l==="BUTTON"||l.includes("-")?c=[i]:(["INPUT","SELECT","TEXTAREA","FIELDSET"].includes(l)||!a&&i!==document.body)&&(c=this.#c(i,"[name]:not(button)"));for(let h of c){let u=h.name||h.getAttribute?.("name");if(!u||h.matches(":disabled")||r.has(h))continue;r.add(h);let d=h.type;if(d==="checkbox"||d==="radio"||h.tagName!=="INPUT"&&"checked"in h)h.checked&&o.append(u,h.value);else if(d==="file")for(let f of h.files)o.append(u,f);else if(d==="select-multiple")for(let f of h.selectedOptions)o.append(u,f.value);else if(Array.isArray(h.value))for(let f of h.value)o.append(u,f);else o.append(u,h.value)}}#U(i,r,o,a={}){let l=this.#e(i,r);if(!l)return null;let c=this.#B(l);if(c)return c.indexOf("{")!==0&&(c="{"+c+"}"),this.#u(i,a,c,!0).then(h=>{o(h)});o(s.parse(l))}#ne(i){let r=i.trim();return r.startsWith("<")&&r.endsWith("/>")?r.slice(1,-2):r}#s(i,r,o,a){let l=r??i,c=r?this.#M(i)||document.body:document;if(l.startsWith("global "))return this.#s(c,l.slice(7),o,!0);let h=l?s.split(l):[],u=[],d=[];for(let f of h){let p=this.#ne(f),y;if(p.startsWith("closest "))y=c.closest(p.slice(8));else if(p.startsWith("find "))y=c.querySelector(p.slice(5));else if(p.startsWith("findAll "))u.push(...c.querySelectorAll(p.slice(8)));else if(p==="next"||p==="nextElementSibling")y=c.nextElementSibling;else if(p.startsWith("next "))y=this.#ie(c,p.slice(5),!!a);else if(p==="previous"||p==="previousElementSibling")y=c.previousElementSibling;else if(p.startsWith("previous "))y=this.#se(c,p.slice(9),!!a);else if(p==="document")y=document;else if(p==="window")y=window;else if(p==="body")y=document.body;else if(p==="host")y=c.getRootNode().host;else if(p==="this"){if(o){u.push(...this.#Mt(c,o));continue}y=c}else d.push(p);y&&u.push(y)}if(d.length>0){let f=d.join(","),p=this.#O(c,!!a);u.push(...p.querySelectorAll(f))}return[...new Set(u)]}#ie(i,r,o){return this.#ft(this.#O(i,o).querySelectorAll(r),i,Node.DOCUMENT_POSITION_PRECEDING)}#se(i,r,o){let a=[...this.#O(i,o).querySelectorAll(r)].reverse();return this.#ft(a,i,Node.DOCUMENT_POSITION_FOLLOWING)}#ft(i,r,o){for(let a of i)if(a.compareDocumentPosition(r)===o)return a}#O(i,r){return i.isConnected&&i.getRootNode?i.getRootNode?.({composed:r}):document}#F(i,r,o){let a=this.#s(i,r,o)[0];return a||console.warn(`htmx: '${r}' on ${o} did not match any element`,{elt:i,selector:r,attr:o}),a}#k(i,r,o){return this.#s(i,r,o)[0]}#B(i){if(i!=null){if(i.startsWith("js:"))return i.substring(3);if(i.startsWith("javascript:"))return i.substring(11)}}#re(i){let r=this.#o(i);if(r.abortInitialized)return;r.abortInitialized=!0;let o=()=>{this.#et(i).abort()};i.addEventListener("htmx:abort",o),r.listeners.push({fromElt:i,eventName:"htmx:abort",handler:o})}#z(i,r,o){let{persistentIds:a,idMap:l}=this.#le(i,r),c=document.createElement("div");c.hidden=!0,document.body.after(c);let h={target:i,idMap:l,persistentIds:a,pantry:c,futureMatches:new WeakSet};o?this.#V(h,i,r):this.#V(h,i.parentNode,r,i,i.nextSibling),this.#i(c),c.remove()}#V(i,r,o,a=null,l=null){r instanceof HTMLTemplateElement&&o instanceof HTMLTemplateElement&&(r=r.content,o=o.content),a||=r.firstChild;let c=o.firstChild;for(;c;){let h;if(a&&a!=l&&(h=this.#oe(i,c,a,l),h&&h!==a)){let d=a;for(;d&&d!==h;){let f=d;d=d.nextSibling,f instanceof Element&&(i.idMap.has(f)||this.#pt(i,f,c))?this.#p(r,f,l):this.#mt(i,f)}}if(!h&&c instanceof Element&&i.persistentIds.has(c.id)){let d=CSS.escape(c.id);h=i.target.id===c.id&&i.target||i.target.querySelector(`[id="${d}"]`)||i.pantry.querySelector(`[id="${d}"]`);let f=h;for(;f=f.parentNode;){let p=i.idMap.get(f);p&&(p.delete(h.id),p.size||i.idMap.delete(f))}this.#p(r,h,a)}if(h){this.#gt(h,c,i),a=h.nextSibling,c=c.nextSibling;continue}let u=c.nextSibling;if(i.idMap.has(c)){let d=document.createElement(c.tagName);r.insertBefore(d,a),this.#gt(d,c,i),this.process(d),a=d.nextSibling}else r.insertBefore(c,a),a=c.nextSibling;c=u}for(;a&&a!=l;){let h=a;a=a.nextSibling,this.#mt(i,h)}}#pt(i,r,o){if(i.futureMatches.has(r))return!0;for(let a=o.nextSibling,l=0;a&&l<this.config.morphScanLimit;a=a.nextSibling,l++)if(a instanceof Element&&r.isEqualNode(a))return i.futureMatches.add(r),!0;return!1}#oe(i,r,o,a){if(r.nodeType===3)return o?.nodeType===3?o:null;if(!(r instanceof Element))return null;let l=null,c=0,h=this.config.morphScanLimit,u=i.idMap.get(r),d=u?.size||0;if(r.id&&!u)return null;let f=o;for(;f&&f!=a;){let p=i.idMap.get(f);if(this.#T.isSoftMatch(f,r)){if(p&&u&&[...p].some(y=>u.has(y)))return f;if(!p){if(h>0&&f.isEqualNode(r))return f;l||(l=f)}}if(c+=p?.size||0,c>d||document.activeElement?.selectionStart!=null&&f.contains(document.activeElement)||--h<1&&d===0)break;f=f.nextSibling}return l&&this.#pt(i,l,r)?null:l}#ae(i,r){return!(i instanceof Element)||i.tagName!==r.tagName||i.tagName==="SCRIPT"&&!i.isEqualNode(r)?!1:!i.id||i.id===r.id}#mt(i,r){i.idMap.has(r)?this.#p(i.pantry,r,null):(this.#i(r),r.remove())}#p(i,r,o){if(i.moveBefore)try{i.moveBefore(r,o);return}catch{}i.insertBefore(r,o)}#gt(i,r,o){if(i.nodeType===3){i.nodeValue!==r.nodeValue&&(i.nodeValue=r.nodeValue);return}if(this.config.morphSkip&&i.matches?.(this.config.morphSkip)||!this.#a(i,"htmx:before:morph:node",{oldNode:i,newNode:r}))return;this.#H(i,r),i instanceof HTMLTextAreaElement&&document.activeElement!==i&&i.defaultValue!=r.defaultValue&&(i.value=r.value),!(this.config.morphSkipChildren&&i.matches?.(this.config.morphSkipChildren))&&(!i.isEqualNode(r)||r.tagName==="TEMPLATE"||r.querySelector?.("template"))&&this.#V(o,i,r)}#H(i,r){let o=this.config.morphIgnore||[],a=!1,l=c=>this.#_("hx-").some(h=>c.startsWith(h));for(let c of r.attributes)if(!o.some(h=>c.name.startsWith(h))&&i.getAttribute(c.name)!==c.value){if(l(c.name)&&(a=!0),!this.#a(i,"htmx:before:morph:attr",{attrName:c.name,newValue:c.value}))continue;i.setAttribute(c.name,c.value),c.name==="value"&&i instanceof HTMLInputElement&&i.type!=="file"&&document.activeElement!==i&&(i.value=c.value)}for(let c=i.attributes.length-1;c>=0;c--){let h=i.attributes[c];if(h&&!r.hasAttribute(h.name)&&!o.some(u=>h.name.startsWith(u))){if(l(h.name)&&(a=!0),!this.#a(i,"htmx:before:morph:attr",{attrName:h.name,newValue:null}))continue;i.removeAttribute(h.name)}}a&&this.#i(i,!0)}#yt(i,r,o,a){for(let l of a)if(r.has(l.id)){let c=l;for(;c&&c!==o;){let h=i.get(c);h==null&&(h=new Set,i.set(c,h)),h.add(l.id),c=c.parentElement}}}#le(i,r){let o=this.#c(i,"[id]"),a=r.querySelectorAll("[id]"),l=this.#ce(o,a),c=new Map;return this.#yt(c,l,i.parentElement,o),this.#yt(c,l,r,a),{persistentIds:l,idMap:c}}#ce(i,r){let o=new Set,a=new Map;for(let{id:c,tagName:h}of i)a.has(c)?o.add(c):c&&a.set(c,h);let l=new Set;for(let{id:c,tagName:h}of r)l.has(c)?o.add(c):a.get(c)===h&&l.add(c);for(let c of o)l.delete(c);return l}#he(i){let r=i.response.raw.status,o=this.config.noSwap.map(l=>l+""),a=r+"";for(let l of[a,a.slice(0,2)+"x",a[0]+"xx"]){if(o.includes(l)){i.swap="none";return}let c=this.#e(i.sourceElement,"hx-status:"+l);if(c){s.merge(c,i);return}}}#ue(i,r){return new Promise(o=>{this.#g||=[],this.#g.push({task:i,resolve:o,ctx:r}),this.#y||this.#xt()})}async#xt(){if(this.#g.length===0||this.#y)return;this.#y=!0;let{task:i,resolve:r,ctx:o}=this.#g.shift();try{if(document.startViewTransition){let a={task:i,ctx:o};this.#t(o.sourceElement,"htmx:before:viewTransition",a),await document.startViewTransition(a.task).finished,this.#t(o.sourceElement,"htmx:after:viewTransition",a)}else await i()}catch{}finally{this.#y=!1,r(),this.#xt()}}#de(i,r){let o=["class","style","width","height"],a=r.querySelectorAll("[id]"),l=Object.fromEntries([...a].map(u=>[u.id,u])),c=i.querySelectorAll("[id]"),h=[];for(let u of c){let d=l[u.id];if(d?.tagName===u.tagName){let f=u.cloneNode(!1);for(let p of o)d.hasAttribute(p)?u.setAttribute(p,d.getAttribute(p)):u.removeAttribute(p);h.push(()=>{this.#H(u,f)})}}return h}#w(i,r){i?.classList?.add?.(r)}#S(i,r){i?.classList?.remove?.(r),i?.classList?.length===0&&i.removeAttribute("class")}#M(i){return typeof i=="string"?this.find(i):i}#m(i){return this.config.metaCharacter?i.replace(/:/g,this.config.metaCharacter):i}}return new e})();typeof window<"u"&&(window.htmx=uf);var df=uf;var ff;function gi(s,t){let e=document.getElementById("notice");e||(e=document.createElement("p"),e.id="notice",e.setAttribute("role","alert"),document.body.append(e)),e.textContent=s,e.hidden=!s,clearTimeout(ff),t||(ff=setTimeout(()=>{e&&(e.hidden=!0)},8e3))}var Di=class extends Error{constructor(t,e){super(t),this.status=e}get passing(){return this.status===void 0||this.status===503}},Gn=s=>new Promise(t=>setTimeout(t,s)),ss=2e3;async function Ps(s){return(await s.json().catch(()=>({}))).error||"That did not work."}function pf(s){return async(t,e)=>{let n;try{n=await fetch(`/a/${s}/${t}`,{method:e?"POST":"GET",headers:{"Content-Type":"application/json",Accept:"application/json"},body:e&&JSON.stringify(e)})}catch{throw new Di("The server does not answer. What was done is kept; waiting for it …")}if(n.status===204)return null;let i;try{i=await n.json()}catch{i={}}if(!n.ok)throw new Di(i.error||"That did not work.",n.status);return i}}async function ra(s){for(let t=1;;t++)try{return await s()}catch(e){if(t===4||!(e instanceof Di)||!e.passing)throw e;await Gn(400*t)}}async function mf(s){let t=s.target;if(s.defaultPrevented||t.method!=="post"||t.dataset.plain!=null||(s.preventDefault(),t.getAttribute("aria-busy")))return;t.setAttribute("aria-busy","true");let e=new URLSearchParams(new FormData(t));try{for(;;){let n;try{n=await fetch(t.action,{method:"POST",body:e,headers:{Accept:"application/json"}})}catch{gi("The server does not answer. What you typed is kept; waiting for it …",!0),await Ay(),gi("The server answers again. Nothing was sent; send it again.");return}if(n.status===503){await Gn(ss);continue}if(n.ok){location.href=n.url;return}gi(await Ps(n));return}}finally{t.removeAttribute("aria-busy")}}async function Ay(){for(;;){await Gn(ss);try{if((await fetch("/healthz")).ok)return}catch{}}}var rs=new Map;function gf(s){s.addEventListener("change",t=>{let e=t.target;(e instanceof HTMLInputElement||e instanceof HTMLSelectElement)&&e.form?.dataset.save&&Py(e,e.form)}),s.addEventListener("submit",t=>{t.target.dataset.save&&t.preventDefault()}),s.addEventListener("keydown",t=>{let e=t.target;!(e instanceof HTMLInputElement)||!e.form?.dataset.save||(t.key==="Enter"&&e.dispatchEvent(new Event("change",{bubbles:!0})),t.key==="Escape"&&e.type!=="checkbox"&&(e.value=e.defaultValue))}),addEventListener("beforeunload",t=>{rs.size&&t.preventDefault()})}function Cy(s,t){let e=s.querySelector("[data-delete]");e.dataset.ask=`Take ${t} off the Shelf? It can be put back.`,e.querySelector(".sr").textContent=` ${t}`}function oa(s,t,e){let n=s.querySelector(".saved");n.textContent=t,n.classList.toggle("bad",!!e)}var Ry=s=>s instanceof HTMLInputElement&&s.type==="checkbox"?s.checked?"on":"":s.value;async function Py(s,t){let e=Ry(s);if(!rs.has(s)&&s instanceof HTMLInputElement&&s.type!=="checkbox"&&e===s.defaultValue)return;let n={};rs.set(s,n);let i=s.dataset.said||s.name;for(s.name==="unit"&&oa(t,"Reading it again …");;){let r;try{r=await fetch(t.dataset.save??"",{method:"POST",body:new URLSearchParams({[s.name]:e}),headers:{Accept:"application/json"},keepalive:!0})}catch{r=null}if(rs.get(s)!==n)return;if(!r||r.status===503){oa(t,`${i} not saved: the server does not answer; trying again …`,!0),await Gn(ss);continue}if(rs.delete(s),!r.ok){s.setAttribute("aria-invalid","true"),oa(t,`${i} not saved: ${await Ps(r)}`,!0),rs.set(s,n);return}s.removeAttribute("aria-invalid"),s instanceof HTMLInputElement&&(s.defaultValue=e),t.querySelector(".facts").innerHTML=await r.text();let o=t.closest(".part");o.dataset.words=[...t.querySelectorAll("input")].map(l=>l.type==="checkbox"?"":l.value.toLowerCase()).join(" "),s.name==="name"&&Cy(o,e);let a=r.headers.get("X-Preview");a&&(o.querySelector("img").src=`/preview/${a}`),[...rs.keys()].some(l=>l.form===t)||oa(t,`${i} saved`);return}}var Iy=new Set(["waiting","with","reading"]),Ly={waiting:"waiting",with:"waiting",reading:"reading",done:"read",failed:"failed","left over":"left over",cancelled:"cancelled"},Rh=s=>Iy.has(s.state);function vn(s,t,e){let n=document.createElement(s);return t&&(n.className=t),e&&(n.textContent=e),n}var zr=class{constructor(t,e){this.box=t,t.hidden=!1,t.replaceChildren(),this.head=vn("div","phead"),this.title=vn("b","",e),this.bar=vn("progress"),this.list=vn("ul"),this.head.append(this.title),t.append(this.head,this.bar,this.list),this.bar.max=1,this.bar.value=0,this.bar.setAttribute("aria-label","Progress of the import")}say(t){this.title.textContent=t}sent(t){this.bar.value=t*.5}show(t,e){let n=t.filter(r=>!Rh(r)).length,i=t.find(r=>r.state==="reading")||t.find(r=>r.state==="waiting");this.say(i?`Reading ${i.name} (${n+1} of ${t.length}) …`:"Reading …"),this.bar.value=.5+.5*(n/Math.max(1,t.length));for(let r of t)this.file(r,e)}file(t,e){let n=`${t.state}|${t.message}|${t.ahead||""}|${Math.floor(t.seconds||0)}`,i=this.list.querySelector(`[data-id="${t.id}"]`);if(i?.dataset.key===n)return;let r=Ny(t,e);if(r.dataset.id=String(t.id),r.dataset.key=n,!i){this.list.append(r);return}let o=i.contains(document.activeElement);i.replaceWith(r),o&&r.querySelector("button")?.focus()}stop(t){this.say(t),this.bar.remove();let e=vn("button","plain","Close the list");e.type="button",e.addEventListener("click",()=>{this.box.hidden=!0}),this.head.append(vn("span","grow"),e)}done(t){let e=o=>t.filter(a=>a.state===o).length,n=e("done"),i=[`${n} ${n===1?"file":"files"} read`];if(e("failed")&&i.push(`${e("failed")} could not be read`),e("cancelled")&&i.push(`${e("cancelled")} cancelled`),e("left over")&&i.push(`${e("left over")} left over`),this.stop(i.join(" · ")),!t.some(o=>o.message.includes("made: ")))return;let r=vn("a","","Show the new assemblies");r.href=location.href,this.head.insertBefore(r,this.head.lastChild)}};function Ny(s,t){let e=vn("li",`s-${s.state.split(" ")[0]}`);e.dataset.state=s.state;let n=s.message;if(s.state==="reading"&&(s.seconds??0)>=2&&(n=`${Math.floor(s.seconds??0)} s`),s.state==="waiting"&&s.ahead&&(n=`after ${s.ahead} ${s.ahead===1?"other":"others"}`),e.append(vn("span","state",Ly[s.state]||s.state),vn("span","",s.name),vn("span","grow"),vn("span","soft",n)),s.state!=="waiting"&&s.state!=="reading")return e;let i=vn("button","plain","Cancel");return i.type="button",i.setAttribute("aria-label",`Cancel reading ${s.name}`),i.addEventListener("click",()=>{i.disabled=!0,t(s.id).catch(()=>{i.disabled=!1})}),e.append(i),e}var Dy=400,os=s=>document.getElementById(s);function yf(s){let t=os("progress"),e=os("shelf-find"),n=Promise.resolve(),i=0,r=()=>{let c=e.value.toLowerCase().split(/\s+/).filter(Boolean);for(let h of document.querySelectorAll(".part"))h.hidden=!c.every(u=>(h.dataset.words??"").includes(u))};e.addEventListener("input",r),gf(os("parts")),addEventListener("beforeunload",c=>{i&&c.preventDefault()}),Fy(c=>{n=n.then(()=>o(c)).catch(()=>{})});async function o(c){let h=new zr(t,`Handing in ${c.length} ${c.length===1?"file":"files"} …`),u;i++;try{u=await ky(s,c,d=>h.sent(d))}catch(d){h.stop(d.message);return}finally{i--}await a(h,[u.batch])}async function a(c,h){let u=d=>fetch(`/p/${s}/imports/file/${d}`,{method:"DELETE"});for(let d=0;;){let f=await Promise.all(h.map(y=>Oy(s,y))),p=f.flatMap(y=>y??[]);if(f.includes(null)){++d>1&&c.say("The server does not answer. What was handed in is kept and will be read; waiting for it …"),await Gn(ss);continue}if(d=0,c.show(p,u),!p.some(Rh)){c.done(p);break}await Gn(Dy)}await l(),t.dataset.over="yes"}async function l(){let c=await fetch(`/p/${s}/parts`);if(!c.ok)return;let h=os("parts");h.innerHTML=await c.text();let u=h.querySelectorAll(".part").length;os("shelf-count").textContent=`${u} ${u===1?"part":"parts"}`,r()}Uy(s).then(c=>{!c.length||!t.hidden||(n=n.then(()=>a(new zr(t,"Reading what was handed in …"),c)).catch(()=>{}))})}async function Uy(s){try{let t=await fetch(`/p/${s}/imports`,{headers:{Accept:"application/json"}});return t.ok?(await t.json()).batches:[]}catch{return[]}}async function Oy(s,t){try{let e=await fetch(`/p/${s}/imports/${t}`,{headers:{Accept:"application/json"}});return e.ok?(await e.json()).files:null}catch{return null}}function Fy(s){let t=os("drop"),e=os("files"),n=0;e.addEventListener("change",()=>{e.files?.length&&s([...e.files]),e.value=""}),addEventListener("dragenter",i=>{i.preventDefault(),n++,t.classList.add("over")}),addEventListener("dragleave",()=>{--n>0||(n=0,t.classList.remove("over"))}),addEventListener("dragover",i=>i.preventDefault()),addEventListener("drop",i=>{i.preventDefault(),n=0,t.classList.remove("over"),i.dataTransfer?.files.length&&s([...i.dataTransfer.files])})}function ky(s,t,e){return new Promise((n,i)=>{let r=new FormData;for(let a of t)r.append("files",a,a.name);let o=new XMLHttpRequest;o.open("POST",`/p/${s}/imports`),o.setRequestHeader("Accept","application/json"),o.upload.addEventListener("progress",a=>{a.lengthComputable&&e(a.loaded/a.total)}),o.addEventListener("load",()=>{let a;try{a=JSON.parse(o.responseText)}catch{a={}}o.status<300?n(a):i(new Error(a.error||"The files could not be handed in."))}),o.addEventListener("error",()=>i(new Error("The files could not be handed in: the server did not answer."))),o.send(r)})}var kn={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},Wi={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},rp=0,fu=1,op=2;var Ao=1,ap=2,fr=3,Zn=0,Ke=1,Le=2,_s=0,pr=1,pu=2,mu=3,gu=4,lp=5;var vs=100,cp=101,hp=102,up=103,dp=104,fp=200,pp=201,mp=202,gp=203,yu=204,xu=205,yp=206,xp=207,_p=208,vp=209,bp=210,wp=211,Sp=212,Mp=213,Ep=214,Fa=0,ka=1,Ba=2,Ys=3,za=4,Va=5,Zs=6,Ha=7,vl=0,Tp=1,Ap=2,ai=0,_u=1,vu=2,bu=3,wu=4,Su=5,Mu=6,Eu=7;var Tu=300,bs=301,mr=302,bl=303,wl=304,Ga=1e3,si=1001,Wa=1002,qe=1003,Cp=1004;var Co=1005;var cn=1006,Sl=1007;var Ti=1008;var yn=1009,Au=1010,Cu=1011,gr=1012,Ml=1013,Kn=1014,Bn=1015,Jn=1016,El=1017,Tl=1018,ws=1020,Ru=35902,Pu=35899,Iu=1021,Lu=1022,jn=1023,Si=1026,Ai=1027,Al=1028,Cl=1029,qi=1030,Rl=1031;var Pl=1033,Ro=33776,Po=33777,Io=33778,Lo=33779,Il=35840,Ll=35841,Nl=35842,Dl=35843,Ul=36196,Ol=37492,Fl=37496,kl=37488,Bl=37489,No=37490,zl=37491,Vl=37808,Hl=37809,Gl=37810,Wl=37811,ql=37812,Xl=37813,$l=37814,Yl=37815,Zl=37816,Kl=37817,Jl=37818,jl=37819,Ql=37820,tc=37821,ec=36492,nc=36494,ic=36495,sc=36283,rc=36284,Do=36285,oc=36286;var to=2300,qa=2301,Ua=2302,eu=2303,nu=2400,iu=2401,su=2402;var Rp=3200;var ac=0,Pp=1,Ci="",nn="srgb",eo="srgb-linear",no="linear",ie="srgb";var Oa=7680;var Ip=519,Lp=512,Np=513,Dp=514,Nu=515,Up=516,Op=517,Du=518,Uu=519,Fp=35044;var Ou="300 es",Un=2e3,Ks=2001;function By(s){for(let t=s.length-1;t>=0;--t)if(s[t]>=65535)return!0;return!1}function zy(s){return ArrayBuffer.isView(s)&&!(s instanceof DataView)}function io(s){return document.createElementNS("http://www.w3.org/1999/xhtml",s)}function kp(){let s=io("canvas");return s.style.display="block",s}var xf={},Js=null;function Fu(...s){let t="THREE."+s.shift();Js?Js("log",t,...s):console.log(t,...s)}function Bp(s){let t=s[0];if(typeof t=="string"&&t.startsWith("TSL:")){let e=s[1];e&&e.isStackTrace?s[0]+=" "+e.getLocation():s[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return s}function Rt(...s){s=Bp(s);let t="THREE."+s.shift();if(Js)Js("warn",t,...s);else{let e=s[0];e&&e.isStackTrace?console.warn(e.getError(t)):console.warn(t,...s)}}function Lt(...s){s=Bp(s);let t="THREE."+s.shift();if(Js)Js("error",t,...s);else{let e=s[0];e&&e.isStackTrace?console.error(e.getError(t)):console.error(t,...s)}}function Zr(...s){let t=s.join(" ");t in xf||(xf[t]=!0,Rt(...s))}function zp(s,t,e){return new Promise(function(n,i){function r(){switch(s.clientWaitSync(t,s.SYNC_FLUSH_COMMANDS_BIT,0)){case s.WAIT_FAILED:i();break;case s.TIMEOUT_EXPIRED:setTimeout(r,e);break;default:n()}}setTimeout(r,e)})}var Vp={[Fa]:Fa,[Ba]:Zs,[za]:za,[Ys]:Va,[ka]:ka,[Zs]:Ba,[Ha]:Ha,[Va]:Ys},$n=class{addEventListener(t,e){this._listeners===void 0&&(this._listeners={});let n=this._listeners;n[t]===void 0&&(n[t]=[]),n[t].indexOf(e)===-1&&n[t].push(e)}hasEventListener(t,e){let n=this._listeners;return n===void 0?!1:n[t]!==void 0&&n[t].indexOf(e)!==-1}removeEventListener(t,e){let n=this._listeners;if(n===void 0)return;let i=n[t];if(i!==void 0){let r=i.indexOf(e);r!==-1&&i.splice(r,1)}}dispatchEvent(t){let e=this._listeners;if(e===void 0)return;let n=e[t.type];if(n!==void 0){t.target=this;let i=n.slice(0);for(let r=0,o=i.length;r<o;r++)i[r].call(this,t);t.target=null}}},tn=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],_f=1234567,Kr=Math.PI/180,js=180/Math.PI;function yr(){let s=Math.random()*4294967295|0,t=Math.random()*4294967295|0,e=Math.random()*4294967295|0,n=Math.random()*4294967295|0;return(tn[s&255]+tn[s>>8&255]+tn[s>>16&255]+tn[s>>24&255]+"-"+tn[t&255]+tn[t>>8&255]+"-"+tn[t>>16&15|64]+tn[t>>24&255]+"-"+tn[e&63|128]+tn[e>>8&255]+"-"+tn[e>>16&255]+tn[e>>24&255]+tn[n&255]+tn[n>>8&255]+tn[n>>16&255]+tn[n>>24&255]).toLowerCase()}function Dt(s,t,e){return Math.max(t,Math.min(e,s))}function ku(s,t){return(s%t+t)%t}function Vy(s,t,e,n,i){return n+(s-t)*(i-n)/(e-t)}function Hy(s,t,e){return s!==t?(e-s)/(t-s):0}function Jr(s,t,e){return(1-e)*s+e*t}function Gy(s,t,e,n){return Jr(s,t,1-Math.exp(-e*n))}function Wy(s,t=1){return t-Math.abs(ku(s,t*2)-t)}function qy(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*(3-2*s))}function Xy(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*s*(s*(s*6-15)+10))}function $y(s,t){return s+Math.floor(Math.random()*(t-s+1))}function Yy(s,t){return s+Math.random()*(t-s)}function Zy(s){return s*(.5-Math.random())}function Ky(s){s!==void 0&&(_f=s);let t=_f+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function Jy(s){return s*Kr}function jy(s){return s*js}function Qy(s){return s>0&&Number.isInteger(s)&&2**Math.round(Math.log2(s))===s}function t0(s){return Math.pow(2,Math.ceil(Math.log(s)/Math.LN2))}function Bu(s){return Math.pow(2,Math.floor(Math.log(s)/Math.LN2))}function e0(s,t,e,n,i){let r=Math.cos,o=Math.sin,a=r(e/2),l=o(e/2),c=r((t+n)/2),h=o((t+n)/2),u=r((t-n)/2),d=o((t-n)/2),f=r((n-t)/2),p=o((n-t)/2);switch(i){case"XYX":s.set(a*h,l*u,l*d,a*c);break;case"YZY":s.set(l*d,a*h,l*u,a*c);break;case"ZXZ":s.set(l*u,l*d,a*h,a*c);break;case"XZX":s.set(a*h,l*p,l*f,a*c);break;case"YXY":s.set(l*f,a*h,l*p,a*c);break;case"ZYZ":s.set(l*p,l*f,a*h,a*c);break;default:Rt("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+i)}}function zu(s){switch(s.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function Hp(s,t){if(t.constructor===Float32Array)return s;let e=zu(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(s/e,-1)}function Gp(s,t){if(t.constructor===Float32Array)return s;let e=zu(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(s*e)}var Vu={DEG2RAD:Kr,RAD2DEG:js,generateUUID:yr,clamp:Dt,euclideanModulo:ku,mapLinear:Vy,inverseLerp:Hy,lerp:Jr,damp:Gy,pingpong:Wy,smoothstep:qy,smootherstep:Xy,randInt:$y,randFloat:Yy,randFloatSpread:Zy,seededRandom:Ky,degToRad:Jy,radToDeg:jy,isPowerOfTwo:Qy,ceilPowerOfTwo:t0,floorPowerOfTwo:Bu,setQuaternionFromProperEuler:e0,normalize:Gp,denormalize:Hp},ct=class{static{this.prototype.isVector2=!0}constructor(t=0,e=0){this.x=t,this.y=e}get width(){return this.x}set width(t){this.x=t}get height(){return this.y}set height(t){this.y=t}set(t,e){return this.x=t,this.y=e,this}setScalar(t){return this.x=t,this.y=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;default:throw new Error("THREE.Vector2: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y)}copy(t){return this.x=t.x,this.y=t.y,this}add(t){return this.x+=t.x,this.y+=t.y,this}addScalar(t){return this.x+=t,this.y+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this}subScalar(t){return this.x-=t,this.y-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this}multiply(t){return this.x*=t.x,this.y*=t.y,this}multiplyScalar(t){return this.x*=t,this.y*=t,this}divide(t){return this.x/=t.x,this.y/=t.y,this}divideScalar(t){return this.multiplyScalar(1/t)}applyMatrix3(t){let e=this.x,n=this.y,i=t.elements;return this.x=i[0]*e+i[3]*n+i[6],this.y=i[1]*e+i[4]*n+i[7],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this}clamp(t,e){return this.x=Dt(this.x,t.x,e.x),this.y=Dt(this.y,t.y,e.y),this}clampScalar(t,e){return this.x=Dt(this.x,t,e),this.y=Dt(this.y,t,e),this}clampLength(t,e){let n=this.length();return this.divideScalar(n||1).multiplyScalar(Dt(n,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(t){return this.x*t.x+this.y*t.y}cross(t){return this.x*t.y-this.y*t.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let n=this.dot(t)/e;return Math.acos(Dt(n,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,n=this.y-t.y;return e*e+n*n}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this}lerpVectors(t,e,n){return this.x=t.x+(e.x-t.x)*n,this.y=t.y+(e.y-t.y)*n,this}equals(t){return t.x===this.x&&t.y===this.y}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this}rotateAround(t,e){let n=Math.cos(e),i=Math.sin(e),r=this.x-t.x,o=this.y-t.y;return this.x=r*n-o*i+t.x,this.y=r*i+o*n+t.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},Te=class{constructor(t=0,e=0,n=0,i=1){this.isQuaternion=!0,this._x=t,this._y=e,this._z=n,this._w=i}static slerpFlat(t,e,n,i,r,o,a){let l=n[i+0],c=n[i+1],h=n[i+2],u=n[i+3],d=r[o+0],f=r[o+1],p=r[o+2],y=r[o+3];if(u!==y||l!==d||c!==f||h!==p){let m=l*d+c*f+h*p+u*y;m<0&&(d=-d,f=-f,p=-p,y=-y,m=-m);let g=1-a;if(m<.9995){let _=Math.acos(m),b=Math.sin(_);g=Math.sin(g*_)/b,a=Math.sin(a*_)/b,l=l*g+d*a,c=c*g+f*a,h=h*g+p*a,u=u*g+y*a}else{l=l*g+d*a,c=c*g+f*a,h=h*g+p*a,u=u*g+y*a;let _=1/Math.sqrt(l*l+c*c+h*h+u*u);l*=_,c*=_,h*=_,u*=_}}t[e]=l,t[e+1]=c,t[e+2]=h,t[e+3]=u}static multiplyQuaternionsFlat(t,e,n,i,r,o){let a=n[i],l=n[i+1],c=n[i+2],h=n[i+3],u=r[o],d=r[o+1],f=r[o+2],p=r[o+3];return t[e]=a*p+h*u+l*f-c*d,t[e+1]=l*p+h*d+c*u-a*f,t[e+2]=c*p+h*f+a*d-l*u,t[e+3]=h*p-a*u-l*d-c*f,t}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get w(){return this._w}set w(t){this._w=t,this._onChangeCallback()}set(t,e,n,i){return this._x=t,this._y=e,this._z=n,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(t){return this._x=t.x,this._y=t.y,this._z=t.z,this._w=t.w,this._onChangeCallback(),this}setFromEuler(t,e=!0){let n=t._x,i=t._y,r=t._z,o=t._order,a=Math.cos,l=Math.sin,c=a(n/2),h=a(i/2),u=a(r/2),d=l(n/2),f=l(i/2),p=l(r/2);switch(o){case"XYZ":this._x=d*h*u+c*f*p,this._y=c*f*u-d*h*p,this._z=c*h*p+d*f*u,this._w=c*h*u-d*f*p;break;case"YXZ":this._x=d*h*u+c*f*p,this._y=c*f*u-d*h*p,this._z=c*h*p-d*f*u,this._w=c*h*u+d*f*p;break;case"ZXY":this._x=d*h*u-c*f*p,this._y=c*f*u+d*h*p,this._z=c*h*p+d*f*u,this._w=c*h*u-d*f*p;break;case"ZYX":this._x=d*h*u-c*f*p,this._y=c*f*u+d*h*p,this._z=c*h*p-d*f*u,this._w=c*h*u+d*f*p;break;case"YZX":this._x=d*h*u+c*f*p,this._y=c*f*u+d*h*p,this._z=c*h*p-d*f*u,this._w=c*h*u-d*f*p;break;case"XZY":this._x=d*h*u-c*f*p,this._y=c*f*u-d*h*p,this._z=c*h*p+d*f*u,this._w=c*h*u+d*f*p;break;default:Rt("Quaternion: .setFromEuler() encountered an unknown order: "+o)}return e===!0&&this._onChangeCallback(),this}setFromAxisAngle(t,e){let n=e/2,i=Math.sin(n);return this._x=t.x*i,this._y=t.y*i,this._z=t.z*i,this._w=Math.cos(n),this._onChangeCallback(),this}setFromRotationMatrix(t){let e=t.elements,n=e[0],i=e[4],r=e[8],o=e[1],a=e[5],l=e[9],c=e[2],h=e[6],u=e[10],d=n+a+u;if(d>0){let f=.5/Math.sqrt(d+1);this._w=.25/f,this._x=(h-l)*f,this._y=(r-c)*f,this._z=(o-i)*f}else if(n>a&&n>u){let f=2*Math.sqrt(1+n-a-u);this._w=(h-l)/f,this._x=.25*f,this._y=(i+o)/f,this._z=(r+c)/f}else if(a>u){let f=2*Math.sqrt(1+a-n-u);this._w=(r-c)/f,this._x=(i+o)/f,this._y=.25*f,this._z=(l+h)/f}else{let f=2*Math.sqrt(1+u-n-a);this._w=(o-i)/f,this._x=(r+c)/f,this._y=(l+h)/f,this._z=.25*f}return this._onChangeCallback(),this}setFromUnitVectors(t,e){let n=t.dot(e)+1;return n<1e-8?(n=0,Math.abs(t.x)>Math.abs(t.z)?(this._x=-t.y,this._y=t.x,this._z=0,this._w=n):(this._x=0,this._y=-t.z,this._z=t.y,this._w=n)):(this._x=t.y*e.z-t.z*e.y,this._y=t.z*e.x-t.x*e.z,this._z=t.x*e.y-t.y*e.x,this._w=n),this.normalize()}angleTo(t){return 2*Math.acos(Math.abs(Dt(this.dot(t),-1,1)))}rotateTowards(t,e){let n=this.angleTo(t);if(n===0)return this;let i=Math.min(1,e/n);return this.slerp(t,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(t){return this._x*t._x+this._y*t._y+this._z*t._z+this._w*t._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let t=this.length();return t===0?(this._x=0,this._y=0,this._z=0,this._w=1):(t=1/t,this._x=this._x*t,this._y=this._y*t,this._z=this._z*t,this._w=this._w*t),this._onChangeCallback(),this}multiply(t){return this.multiplyQuaternions(this,t)}premultiply(t){return this.multiplyQuaternions(t,this)}multiplyQuaternions(t,e){let n=t._x,i=t._y,r=t._z,o=t._w,a=e._x,l=e._y,c=e._z,h=e._w;return this._x=n*h+o*a+i*c-r*l,this._y=i*h+o*l+r*a-n*c,this._z=r*h+o*c+n*l-i*a,this._w=o*h-n*a-i*l-r*c,this._onChangeCallback(),this}slerp(t,e){let n=t._x,i=t._y,r=t._z,o=t._w,a=this.dot(t);a<0&&(n=-n,i=-i,r=-r,o=-o,a=-a);let l=1-e;if(a<.9995){let c=Math.acos(a),h=Math.sin(c);l=Math.sin(l*c)/h,e=Math.sin(e*c)/h,this._x=this._x*l+n*e,this._y=this._y*l+i*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this._onChangeCallback()}else this._x=this._x*l+n*e,this._y=this._y*l+i*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this.normalize();return this}slerpQuaternions(t,e,n){return this.copy(t).slerp(e,n)}random(){let t=2*Math.PI*Math.random(),e=2*Math.PI*Math.random(),n=Math.random(),i=Math.sqrt(1-n),r=Math.sqrt(n);return this.set(i*Math.sin(t),i*Math.cos(t),r*Math.sin(e),r*Math.cos(e))}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._w===this._w}fromArray(t,e=0){return this._x=t[e],this._y=t[e+1],this._z=t[e+2],this._w=t[e+3],this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._w,t}fromBufferAttribute(t,e){return this._x=t.getX(e),this._y=t.getY(e),this._z=t.getZ(e),this._w=t.getW(e),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},A=class{static{this.prototype.isVector3=!0}constructor(t=0,e=0,n=0){this.x=t,this.y=e,this.z=n}set(t,e,n){return n===void 0&&(n=this.z),this.x=t,this.y=e,this.z=n,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;default:throw new Error("THREE.Vector3: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this}multiplyVectors(t,e){return this.x=t.x*e.x,this.y=t.y*e.y,this.z=t.z*e.z,this}applyEuler(t){return this.applyQuaternion(vf.setFromEuler(t))}applyAxisAngle(t,e){return this.applyQuaternion(vf.setFromAxisAngle(t,e))}applyMatrix3(t){let e=this.x,n=this.y,i=this.z,r=t.elements;return this.x=r[0]*e+r[3]*n+r[6]*i,this.y=r[1]*e+r[4]*n+r[7]*i,this.z=r[2]*e+r[5]*n+r[8]*i,this}applyNormalMatrix(t){return this.applyMatrix3(t).normalize()}applyMatrix4(t){let e=this.x,n=this.y,i=this.z,r=t.elements,o=1/(r[3]*e+r[7]*n+r[11]*i+r[15]);return this.x=(r[0]*e+r[4]*n+r[8]*i+r[12])*o,this.y=(r[1]*e+r[5]*n+r[9]*i+r[13])*o,this.z=(r[2]*e+r[6]*n+r[10]*i+r[14])*o,this}applyQuaternion(t){let e=this.x,n=this.y,i=this.z,r=t.x,o=t.y,a=t.z,l=t.w,c=2*(o*i-a*n),h=2*(a*e-r*i),u=2*(r*n-o*e);return this.x=e+l*c+o*u-a*h,this.y=n+l*h+a*c-r*u,this.z=i+l*u+r*h-o*c,this}project(t){return this.applyMatrix4(t.matrixWorldInverse).applyMatrix4(t.projectionMatrix)}unproject(t){return this.applyMatrix4(t.projectionMatrixInverse).applyMatrix4(t.matrixWorld)}transformDirection(t){let e=this.x,n=this.y,i=this.z,r=t.elements;return this.x=r[0]*e+r[4]*n+r[8]*i,this.y=r[1]*e+r[5]*n+r[9]*i,this.z=r[2]*e+r[6]*n+r[10]*i,this.normalize()}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this}divideScalar(t){return this.multiplyScalar(1/t)}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this}clamp(t,e){return this.x=Dt(this.x,t.x,e.x),this.y=Dt(this.y,t.y,e.y),this.z=Dt(this.z,t.z,e.z),this}clampScalar(t,e){return this.x=Dt(this.x,t,e),this.y=Dt(this.y,t,e),this.z=Dt(this.z,t,e),this}clampLength(t,e){let n=this.length();return this.divideScalar(n||1).multiplyScalar(Dt(n,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this}lerpVectors(t,e,n){return this.x=t.x+(e.x-t.x)*n,this.y=t.y+(e.y-t.y)*n,this.z=t.z+(e.z-t.z)*n,this}cross(t){return this.crossVectors(this,t)}crossVectors(t,e){let n=t.x,i=t.y,r=t.z,o=e.x,a=e.y,l=e.z;return this.x=i*l-r*a,this.y=r*o-n*l,this.z=n*a-i*o,this}projectOnVector(t){let e=t.lengthSq();if(e===0)return this.set(0,0,0);let n=t.dot(this)/e;return this.copy(t).multiplyScalar(n)}projectOnPlane(t){return Ph.copy(this).projectOnVector(t),this.sub(Ph)}reflect(t){return this.sub(Ph.copy(t).multiplyScalar(2*this.dot(t)))}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let n=this.dot(t)/e;return Math.acos(Dt(n,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,n=this.y-t.y,i=this.z-t.z;return e*e+n*n+i*i}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)+Math.abs(this.z-t.z)}setFromSpherical(t){return this.setFromSphericalCoords(t.radius,t.phi,t.theta)}setFromSphericalCoords(t,e,n){let i=Math.sin(e)*t;return this.x=i*Math.sin(n),this.y=Math.cos(e)*t,this.z=i*Math.cos(n),this}setFromCylindrical(t){return this.setFromCylindricalCoords(t.radius,t.theta,t.y)}setFromCylindricalCoords(t,e,n){return this.x=t*Math.sin(e),this.y=n,this.z=t*Math.cos(e),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this}setFromMatrixScale(t){let e=this.setFromMatrixColumn(t,0).length(),n=this.setFromMatrixColumn(t,1).length(),i=this.setFromMatrixColumn(t,2).length();return this.x=e,this.y=n,this.z=i,this}setFromMatrixColumn(t,e){return this.fromArray(t.elements,e*4)}setFromMatrix3Column(t,e){return this.fromArray(t.elements,e*3)}setFromEuler(t){return this.x=t._x,this.y=t._y,this.z=t._z,this}setFromColor(t){return this.x=t.r,this.y=t.g,this.z=t.b,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let t=Math.random()*Math.PI*2,e=Math.random()*2-1,n=Math.sqrt(1-e*e);return this.x=n*Math.cos(t),this.y=e,this.z=n*Math.sin(t),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},Ph=new A,vf=new Te,Ut=class{static{this.prototype.isMatrix3=!0}constructor(t,e,n,i,r,o,a,l,c){this.elements=[1,0,0,0,1,0,0,0,1],t!==void 0&&this.set(t,e,n,i,r,o,a,l,c)}set(t,e,n,i,r,o,a,l,c){let h=this.elements;return h[0]=t,h[1]=i,h[2]=a,h[3]=e,h[4]=r,h[5]=l,h[6]=n,h[7]=o,h[8]=c,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(t){let e=this.elements,n=t.elements;return e[0]=n[0],e[1]=n[1],e[2]=n[2],e[3]=n[3],e[4]=n[4],e[5]=n[5],e[6]=n[6],e[7]=n[7],e[8]=n[8],this}extractBasis(t,e,n){return t.setFromMatrix3Column(this,0),e.setFromMatrix3Column(this,1),n.setFromMatrix3Column(this,2),this}setFromMatrix4(t){let e=t.elements;return this.set(e[0],e[4],e[8],e[1],e[5],e[9],e[2],e[6],e[10]),this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let n=t.elements,i=e.elements,r=this.elements,o=n[0],a=n[3],l=n[6],c=n[1],h=n[4],u=n[7],d=n[2],f=n[5],p=n[8],y=i[0],m=i[3],g=i[6],_=i[1],b=i[4],v=i[7],S=i[2],T=i[5],x=i[8];return r[0]=o*y+a*_+l*S,r[3]=o*m+a*b+l*T,r[6]=o*g+a*v+l*x,r[1]=c*y+h*_+u*S,r[4]=c*m+h*b+u*T,r[7]=c*g+h*v+u*x,r[2]=d*y+f*_+p*S,r[5]=d*m+f*b+p*T,r[8]=d*g+f*v+p*x,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[3]*=t,e[6]*=t,e[1]*=t,e[4]*=t,e[7]*=t,e[2]*=t,e[5]*=t,e[8]*=t,this}determinant(){let t=this.elements,e=t[0],n=t[1],i=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8];return e*o*h-e*a*c-n*r*h+n*a*l+i*r*c-i*o*l}invert(){let t=this.elements,e=t[0],n=t[1],i=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=h*o-a*c,d=a*l-h*r,f=c*r-o*l,p=e*u+n*d+i*f;if(p===0)return this.set(0,0,0,0,0,0,0,0,0);let y=1/p;return t[0]=u*y,t[1]=(i*c-h*n)*y,t[2]=(a*n-i*o)*y,t[3]=d*y,t[4]=(h*e-i*l)*y,t[5]=(i*r-a*e)*y,t[6]=f*y,t[7]=(n*l-c*e)*y,t[8]=(o*e-n*r)*y,this}transpose(){let t,e=this.elements;return t=e[1],e[1]=e[3],e[3]=t,t=e[2],e[2]=e[6],e[6]=t,t=e[5],e[5]=e[7],e[7]=t,this}getNormalMatrix(t){return this.setFromMatrix4(t).invert().transpose()}transposeIntoArray(t){let e=this.elements;return t[0]=e[0],t[1]=e[3],t[2]=e[6],t[3]=e[1],t[4]=e[4],t[5]=e[7],t[6]=e[2],t[7]=e[5],t[8]=e[8],this}setUvTransform(t,e,n,i,r,o,a){let l=Math.cos(r),c=Math.sin(r);return this.set(n*l,n*c,-n*(l*o+c*a)+o+t,-i*c,i*l,-i*(-c*o+l*a)+a+e,0,0,1),this}scale(t,e){return Zr("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(Ih.makeScale(t,e)),this}rotate(t){return Zr("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(Ih.makeRotation(-t)),this}translate(t,e){return Zr("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(Ih.makeTranslation(t,e)),this}makeTranslation(t,e){return t.isVector2?this.set(1,0,t.x,0,1,t.y,0,0,1):this.set(1,0,t,0,1,e,0,0,1),this}makeRotation(t){let e=Math.cos(t),n=Math.sin(t);return this.set(e,-n,0,n,e,0,0,0,1),this}makeScale(t,e){return this.set(t,0,0,0,e,0,0,0,1),this}equals(t){let e=this.elements,n=t.elements;for(let i=0;i<9;i++)if(e[i]!==n[i])return!1;return!0}fromArray(t,e=0){for(let n=0;n<9;n++)this.elements[n]=t[n+e];return this}toArray(t=[],e=0){let n=this.elements;return t[e]=n[0],t[e+1]=n[1],t[e+2]=n[2],t[e+3]=n[3],t[e+4]=n[4],t[e+5]=n[5],t[e+6]=n[6],t[e+7]=n[7],t[e+8]=n[8],t}clone(){return new this.constructor().fromArray(this.elements)}},Ih=new Ut,bf=new Ut().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),wf=new Ut().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function n0(){let s={enabled:!0,workingColorSpace:eo,spaces:{},convert:function(i,r,o){return this.enabled===!1||r===o||!r||!o||(this.spaces[r].transfer===ie&&(i.r=wi(i.r),i.g=wi(i.g),i.b=wi(i.b)),this.spaces[r].primaries!==this.spaces[o].primaries&&(i.applyMatrix3(this.spaces[r].toXYZ),i.applyMatrix3(this.spaces[o].fromXYZ)),this.spaces[o].transfer===ie&&(i.r=$s(i.r),i.g=$s(i.g),i.b=$s(i.b))),i},workingToColorSpace:function(i,r){return this.convert(i,this.workingColorSpace,r)},colorSpaceToWorking:function(i,r){return this.convert(i,r,this.workingColorSpace)},getPrimaries:function(i){return this.spaces[i].primaries},getTransfer:function(i){return i===Ci?no:this.spaces[i].transfer},getToneMappingMode:function(i){return this.spaces[i].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(i,r=this.workingColorSpace){return i.fromArray(this.spaces[r].luminanceCoefficients)},define:function(i){Object.assign(this.spaces,i)},_getMatrix:function(i,r,o){return i.copy(this.spaces[o].fromXYZ).multiply(this.spaces[r].toXYZ)},_getDrawingBufferColorSpace:function(i){return this.spaces[i].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(i=this.workingColorSpace){return this.spaces[i].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],e=[.2126,.7152,.0722],n=[.3127,.329];return s.define({[eo]:{primaries:t,whitePoint:n,transfer:no,toXYZ:bf,fromXYZ:wf,luminanceCoefficients:e,workingColorSpaceConfig:{unpackColorSpace:nn},outputColorSpaceConfig:{drawingBufferColorSpace:nn}},[nn]:{primaries:t,whitePoint:n,transfer:ie,toXYZ:bf,fromXYZ:wf,luminanceCoefficients:e,outputColorSpaceConfig:{drawingBufferColorSpace:nn}}}),s}var $t=n0();function wi(s){return s<.04045?s*.0773993808:Math.pow(s*.9478672986+.0521327014,2.4)}function $s(s){return s<.0031308?s*12.92:1.055*Math.pow(s,.41666)-.055}var Is,Xa=class{static getDataURL(t,e="image/png"){if(/^data:/i.test(t.src)||typeof HTMLCanvasElement>"u")return t.src;let n;if(t instanceof HTMLCanvasElement)n=t;else{Is===void 0&&(Is=io("canvas")),Is.width=t.width,Is.height=t.height;let i=Is.getContext("2d");t instanceof ImageData?i.putImageData(t,0,0):i.drawImage(t,0,0,t.width,t.height),n=Is}return n.toDataURL(e)}static sRGBToLinear(t){if(typeof HTMLImageElement<"u"&&t instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&t instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&t instanceof ImageBitmap){let e=io("canvas");e.width=t.width,e.height=t.height;let n=e.getContext("2d");n.drawImage(t,0,0,t.width,t.height);let i=n.getImageData(0,0,t.width,t.height),r=i.data;for(let o=0;o<r.length;o++)r[o]=wi(r[o]/255)*255;return n.putImageData(i,0,0),e}else if(t.data){let e=t.data.slice(0);for(let n=0;n<e.length;n++)e instanceof Uint8Array||e instanceof Uint8ClampedArray?e[n]=Math.floor(wi(e[n]/255)*255):e[n]=wi(e[n]);return{data:e,width:t.width,height:t.height}}else return Rt("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),t}},i0=0,Qs=class{constructor(t=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:i0++}),this.uuid=yr(),this.data=t,this.dataReady=!0,this.version=0}getSize(t){let e=this.data;return typeof HTMLVideoElement<"u"&&e instanceof HTMLVideoElement?t.set(e.videoWidth,e.videoHeight,0):typeof VideoFrame<"u"&&e instanceof VideoFrame?t.set(e.displayWidth,e.displayHeight,0):e!==null?t.set(e.width||0,e.height||0,e.depth||0):t.set(0,0,0),t}set needsUpdate(t){t===!0&&this.version++}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.images[this.uuid]!==void 0)return t.images[this.uuid];let n={uuid:this.uuid,url:""},i=this.data;if(i!==null){let r;if(Array.isArray(i)){r=[];for(let o=0,a=i.length;o<a;o++)i[o].isDataTexture?r.push(Lh(i[o].image)):r.push(Lh(i[o]))}else r=Lh(i);n.url=r}return e||(t.images[this.uuid]=n),n}};function Lh(s){return typeof HTMLImageElement<"u"&&s instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&s instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&s instanceof ImageBitmap?Xa.getDataURL(s):s.data?{data:Array.from(s.data),width:s.width,height:s.height,type:s.data.constructor.name}:(Rt("Texture: Unable to serialize Texture."),{})}var s0=0,Nh=new A,gn=class s extends $n{constructor(t=s.DEFAULT_IMAGE,e=s.DEFAULT_MAPPING,n=si,i=si,r=cn,o=Ti,a=jn,l=yn,c=s.DEFAULT_ANISOTROPY,h=Ci){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:s0++}),this.uuid=yr(),this.name="",this.source=new Qs(t),this.mipmaps=[],this.mapping=e,this.channel=0,this.wrapS=n,this.wrapT=i,this.magFilter=r,this.minFilter=o,this.anisotropy=c,this.format=a,this.internalFormat=null,this.type=l,this.offset=new ct(0,0),this.repeat=new ct(1,1),this.center=new ct(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new Ut,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=h,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(Nh).x}get height(){return this.source.getSize(Nh).y}get depth(){return this.source.getSize(Nh).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let e in t){let n=t[e];if(n===void 0){Rt(`Texture.setValues(): parameter '${e}' has value of undefined.`);continue}let i=this[e];if(i===void 0){Rt(`Texture.setValues(): property '${e}' does not exist.`);continue}i&&n&&i.isVector2&&n.isVector2||i&&n&&i.isVector3&&n.isVector3||i&&n&&i.isMatrix3&&n.isMatrix3?i.copy(n):this[e]=n}}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let n={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(n.userData=this.userData),e||(t.textures[this.uuid]=n),n}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Tu)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case Ga:t.x=t.x-Math.floor(t.x);break;case si:t.x=t.x<0?0:1;break;case Wa:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case Ga:t.y=t.y-Math.floor(t.y);break;case si:t.y=t.y<0?0:1;break;case Wa:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};gn.DEFAULT_IMAGE=null;gn.DEFAULT_MAPPING=Tu;gn.DEFAULT_ANISOTROPY=1;var _e=class{static{this.prototype.isVector4=!0}constructor(t=0,e=0,n=0,i=1){this.x=t,this.y=e,this.z=n,this.w=i}get width(){return this.z}set width(t){this.z=t}get height(){return this.w}set height(t){this.w=t}set(t,e,n,i){return this.x=t,this.y=e,this.z=n,this.w=i,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this.w=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setW(t){return this.w=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;case 3:this.w=e;break;default:throw new Error("THREE.Vector4: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this.w=t.w!==void 0?t.w:1,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this.w+=t.w,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this.w+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this.w=t.w+e.w,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this.w+=t.w*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this.w-=t.w,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this.w-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this.w=t.w-e.w,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this.w*=t.w,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this.w*=t,this}applyMatrix4(t){let e=this.x,n=this.y,i=this.z,r=this.w,o=t.elements;return this.x=o[0]*e+o[4]*n+o[8]*i+o[12]*r,this.y=o[1]*e+o[5]*n+o[9]*i+o[13]*r,this.z=o[2]*e+o[6]*n+o[10]*i+o[14]*r,this.w=o[3]*e+o[7]*n+o[11]*i+o[15]*r,this}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this.w/=t.w,this}divideScalar(t){return this.multiplyScalar(1/t)}setAxisAngleFromQuaternion(t){this.w=2*Math.acos(t.w);let e=Math.sqrt(1-t.w*t.w);return e<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=t.x/e,this.y=t.y/e,this.z=t.z/e),this}setAxisAngleFromRotationMatrix(t){let e,n,i,r,l=t.elements,c=l[0],h=l[4],u=l[8],d=l[1],f=l[5],p=l[9],y=l[2],m=l[6],g=l[10];if(Math.abs(h-d)<.01&&Math.abs(u-y)<.01&&Math.abs(p-m)<.01){if(Math.abs(h+d)<.1&&Math.abs(u+y)<.1&&Math.abs(p+m)<.1&&Math.abs(c+f+g-3)<.1)return this.set(1,0,0,0),this;e=Math.PI;let b=(c+1)/2,v=(f+1)/2,S=(g+1)/2,T=(h+d)/4,x=(u+y)/4,w=(p+m)/4;return b>v&&b>S?b<.01?(n=0,i=.707106781,r=.707106781):(n=Math.sqrt(b),i=T/n,r=x/n):v>S?v<.01?(n=.707106781,i=0,r=.707106781):(i=Math.sqrt(v),n=T/i,r=w/i):S<.01?(n=.707106781,i=.707106781,r=0):(r=Math.sqrt(S),n=x/r,i=w/r),this.set(n,i,r,e),this}let _=Math.sqrt((m-p)*(m-p)+(u-y)*(u-y)+(d-h)*(d-h));return Math.abs(_)<.001&&(_=1),this.x=(m-p)/_,this.y=(u-y)/_,this.z=(d-h)/_,this.w=Math.acos((c+f+g-1)/2),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this.w=e[15],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this.w=Math.min(this.w,t.w),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this.w=Math.max(this.w,t.w),this}clamp(t,e){return this.x=Dt(this.x,t.x,e.x),this.y=Dt(this.y,t.y,e.y),this.z=Dt(this.z,t.z,e.z),this.w=Dt(this.w,t.w,e.w),this}clampScalar(t,e){return this.x=Dt(this.x,t,e),this.y=Dt(this.y,t,e),this.z=Dt(this.z,t,e),this.w=Dt(this.w,t,e),this}clampLength(t,e){let n=this.length();return this.divideScalar(n||1).multiplyScalar(Dt(n,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z+this.w*t.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this.w+=(t.w-this.w)*e,this}lerpVectors(t,e,n){return this.x=t.x+(e.x-t.x)*n,this.y=t.y+(e.y-t.y)*n,this.z=t.z+(e.z-t.z)*n,this.w=t.w+(e.w-t.w)*n,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z&&t.w===this.w}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this.w=t[e+3],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t[e+3]=this.w,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this.w=t.getW(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},$a=class extends $n{constructor(t=1,e=1,n={}){super(),n=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:cn,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},n),this.isRenderTarget=!0,this.width=t,this.height=e,this.depth=n.depth,this.scissor=new _e(0,0,t,e),this.scissorTest=!1,this.viewport=new _e(0,0,t,e),this.textures=[];let i=n.count;for(let r=0;r<i;r++)this.textures[r]=new gn({width:t,height:e,depth:n.depth}),this.textures[r].isRenderTargetTexture=!0,this.textures[r].renderTarget=this;this._setTextureOptions(n),this.depthBuffer=n.depthBuffer,this.stencilBuffer=n.stencilBuffer,this.resolveColorBuffer=n.resolveColorBuffer,this.resolveDepthBuffer=n.resolveDepthBuffer,this.resolveStencilBuffer=n.resolveStencilBuffer,this.storeMultisampledColorBuffer=n.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=n.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=n.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=n.depthTexture,this.samples=n.samples,this.multiview=n.multiview,this.useArrayDepthTexture=n.useArrayDepthTexture}_setTextureOptions(t={}){let e={minFilter:cn,generateMipmaps:!1,flipY:!1,internalFormat:null};t.mapping!==void 0&&(e.mapping=t.mapping),t.wrapS!==void 0&&(e.wrapS=t.wrapS),t.wrapT!==void 0&&(e.wrapT=t.wrapT),t.wrapR!==void 0&&(e.wrapR=t.wrapR),t.magFilter!==void 0&&(e.magFilter=t.magFilter),t.minFilter!==void 0&&(e.minFilter=t.minFilter),t.format!==void 0&&(e.format=t.format),t.type!==void 0&&(e.type=t.type),t.anisotropy!==void 0&&(e.anisotropy=t.anisotropy),t.colorSpace!==void 0&&(e.colorSpace=t.colorSpace),t.flipY!==void 0&&(e.flipY=t.flipY),t.generateMipmaps!==void 0&&(e.generateMipmaps=t.generateMipmaps),t.mipmapsAutoUpdate!==void 0&&(e.mipmapsAutoUpdate=t.mipmapsAutoUpdate),t.internalFormat!==void 0&&(e.internalFormat=t.internalFormat);for(let n=0;n<this.textures.length;n++)this.textures[n].setValues(e)}get texture(){return this.textures[0]}set texture(t){this.textures[0]=t}set depthTexture(t){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),t!==null&&t.renderTarget===null&&(t.renderTarget=this),this._depthTexture=t}get depthTexture(){return this._depthTexture}setSize(t,e,n=1){if(this.width!==t||this.height!==e||this.depth!==n){this.width=t,this.height=e,this.depth=n;for(let i=0,r=this.textures.length;i<r;i++)this.textures[i].image.width=t,this.textures[i].image.height=e,this.textures[i].image.depth=n,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,t,e),this.scissor.set(0,0,t,e)}clone(){return new this.constructor().copy(this)}copy(t){this.width=t.width,this.height=t.height,this.depth=t.depth,this.scissor.copy(t.scissor),this.scissorTest=t.scissorTest,this.viewport.copy(t.viewport),this.textures.length=0;for(let e=0,n=t.textures.length;e<n;e++){this.textures[e]=t.textures[e].clone(),this.textures[e].isRenderTargetTexture=!0,this.textures[e].renderTarget=this;let i=Object.assign({},t.textures[e].image);this.textures[e].source=new Qs(i)}if(this.depthBuffer=t.depthBuffer,this.stencilBuffer=t.stencilBuffer,this.resolveColorBuffer=t.resolveColorBuffer,this.resolveDepthBuffer=t.resolveDepthBuffer,this.resolveStencilBuffer=t.resolveStencilBuffer,this.storeMultisampledColorBuffer=t.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=t.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=t.storeMultisampledStencilBuffer,t.depthTexture!==null)if(t.depthTexture.renderTarget===t){let e=t.depthTexture.clone();e.renderTarget=null,this.depthTexture=e}else this.depthTexture=t.depthTexture;else this.depthTexture=null;return this.samples=t.samples,this.multiview=t.multiview,this.useArrayDepthTexture=t.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Sn=class extends $a{constructor(t=1,e=1,n={}){super(t,e,n),this.isWebGLRenderTarget=!0}},so=class extends gn{constructor(t=null,e=1,n=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:t,width:e,height:n,depth:i},this.magFilter=qe,this.minFilter=qe,this.wrapR=si,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}addLayerUpdate(t){this.layerUpdates.add(t)}clearLayerUpdates(){this.layerUpdates.clear()}};var Ya=class extends gn{constructor(t=null,e=1,n=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:t,width:e,height:n,depth:i},this.magFilter=qe,this.minFilter=qe,this.wrapR=si,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}};var St=class s{static{this.prototype.isMatrix4=!0}constructor(t,e,n,i,r,o,a,l,c,h,u,d,f,p,y,m){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,e,n,i,r,o,a,l,c,h,u,d,f,p,y,m)}set(t,e,n,i,r,o,a,l,c,h,u,d,f,p,y,m){let g=this.elements;return g[0]=t,g[4]=e,g[8]=n,g[12]=i,g[1]=r,g[5]=o,g[9]=a,g[13]=l,g[2]=c,g[6]=h,g[10]=u,g[14]=d,g[3]=f,g[7]=p,g[11]=y,g[15]=m,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new s().fromArray(this.elements)}copy(t){let e=this.elements,n=t.elements;return e[0]=n[0],e[1]=n[1],e[2]=n[2],e[3]=n[3],e[4]=n[4],e[5]=n[5],e[6]=n[6],e[7]=n[7],e[8]=n[8],e[9]=n[9],e[10]=n[10],e[11]=n[11],e[12]=n[12],e[13]=n[13],e[14]=n[14],e[15]=n[15],this}copyPosition(t){let e=this.elements,n=t.elements;return e[12]=n[12],e[13]=n[13],e[14]=n[14],this}setFromMatrix3(t){let e=t.elements;return this.set(e[0],e[3],e[6],0,e[1],e[4],e[7],0,e[2],e[5],e[8],0,0,0,0,1),this}extractBasis(t,e,n){return this.determinantAffine()===0?(t.set(1,0,0),e.set(0,1,0),n.set(0,0,1),this):(t.setFromMatrixColumn(this,0),e.setFromMatrixColumn(this,1),n.setFromMatrixColumn(this,2),this)}makeBasis(t,e,n){return this.set(t.x,e.x,n.x,0,t.y,e.y,n.y,0,t.z,e.z,n.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let e=this.elements,n=t.elements,i=1/Ls.setFromMatrixColumn(t,0).length(),r=1/Ls.setFromMatrixColumn(t,1).length(),o=1/Ls.setFromMatrixColumn(t,2).length();return e[0]=n[0]*i,e[1]=n[1]*i,e[2]=n[2]*i,e[3]=0,e[4]=n[4]*r,e[5]=n[5]*r,e[6]=n[6]*r,e[7]=0,e[8]=n[8]*o,e[9]=n[9]*o,e[10]=n[10]*o,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromEuler(t){let e=this.elements,n=t.x,i=t.y,r=t.z,o=Math.cos(n),a=Math.sin(n),l=Math.cos(i),c=Math.sin(i),h=Math.cos(r),u=Math.sin(r);if(t.order==="XYZ"){let d=o*h,f=o*u,p=a*h,y=a*u;e[0]=l*h,e[4]=-l*u,e[8]=c,e[1]=f+p*c,e[5]=d-y*c,e[9]=-a*l,e[2]=y-d*c,e[6]=p+f*c,e[10]=o*l}else if(t.order==="YXZ"){let d=l*h,f=l*u,p=c*h,y=c*u;e[0]=d+y*a,e[4]=p*a-f,e[8]=o*c,e[1]=o*u,e[5]=o*h,e[9]=-a,e[2]=f*a-p,e[6]=y+d*a,e[10]=o*l}else if(t.order==="ZXY"){let d=l*h,f=l*u,p=c*h,y=c*u;e[0]=d-y*a,e[4]=-o*u,e[8]=p+f*a,e[1]=f+p*a,e[5]=o*h,e[9]=y-d*a,e[2]=-o*c,e[6]=a,e[10]=o*l}else if(t.order==="ZYX"){let d=o*h,f=o*u,p=a*h,y=a*u;e[0]=l*h,e[4]=p*c-f,e[8]=d*c+y,e[1]=l*u,e[5]=y*c+d,e[9]=f*c-p,e[2]=-c,e[6]=a*l,e[10]=o*l}else if(t.order==="YZX"){let d=o*l,f=o*c,p=a*l,y=a*c;e[0]=l*h,e[4]=y-d*u,e[8]=p*u+f,e[1]=u,e[5]=o*h,e[9]=-a*h,e[2]=-c*h,e[6]=f*u+p,e[10]=d-y*u}else if(t.order==="XZY"){let d=o*l,f=o*c,p=a*l,y=a*c;e[0]=l*h,e[4]=-u,e[8]=c*h,e[1]=d*u+y,e[5]=o*h,e[9]=f*u-p,e[2]=p*u-f,e[6]=a*h,e[10]=y*u+d}return e[3]=0,e[7]=0,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromQuaternion(t){return this.compose(r0,t,o0)}lookAt(t,e,n){let i=this.elements;return bn.subVectors(t,e),bn.lengthSq()===0&&(bn.z=1),bn.normalize(),Ui.crossVectors(n,bn),Ui.lengthSq()===0&&(Math.abs(n.z)===1?bn.x+=1e-4:bn.z+=1e-4,bn.normalize(),Ui.crossVectors(n,bn)),Ui.normalize(),aa.crossVectors(bn,Ui),i[0]=Ui.x,i[4]=aa.x,i[8]=bn.x,i[1]=Ui.y,i[5]=aa.y,i[9]=bn.y,i[2]=Ui.z,i[6]=aa.z,i[10]=bn.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let n=t.elements,i=e.elements,r=this.elements,o=n[0],a=n[4],l=n[8],c=n[12],h=n[1],u=n[5],d=n[9],f=n[13],p=n[2],y=n[6],m=n[10],g=n[14],_=n[3],b=n[7],v=n[11],S=n[15],T=i[0],x=i[4],w=i[8],N=i[12],C=i[1],L=i[5],R=i[9],U=i[13],I=i[2],k=i[6],H=i[10],G=i[14],tt=i[3],q=i[7],j=i[11],Q=i[15];return r[0]=o*T+a*C+l*I+c*tt,r[4]=o*x+a*L+l*k+c*q,r[8]=o*w+a*R+l*H+c*j,r[12]=o*N+a*U+l*G+c*Q,r[1]=h*T+u*C+d*I+f*tt,r[5]=h*x+u*L+d*k+f*q,r[9]=h*w+u*R+d*H+f*j,r[13]=h*N+u*U+d*G+f*Q,r[2]=p*T+y*C+m*I+g*tt,r[6]=p*x+y*L+m*k+g*q,r[10]=p*w+y*R+m*H+g*j,r[14]=p*N+y*U+m*G+g*Q,r[3]=_*T+b*C+v*I+S*tt,r[7]=_*x+b*L+v*k+S*q,r[11]=_*w+b*R+v*H+S*j,r[15]=_*N+b*U+v*G+S*Q,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[4]*=t,e[8]*=t,e[12]*=t,e[1]*=t,e[5]*=t,e[9]*=t,e[13]*=t,e[2]*=t,e[6]*=t,e[10]*=t,e[14]*=t,e[3]*=t,e[7]*=t,e[11]*=t,e[15]*=t,this}determinant(){let t=this.elements,e=t[0],n=t[4],i=t[8],r=t[12],o=t[1],a=t[5],l=t[9],c=t[13],h=t[2],u=t[6],d=t[10],f=t[14],p=t[3],y=t[7],m=t[11],g=t[15],_=l*f-c*d,b=a*f-c*u,v=a*d-l*u,S=o*f-c*h,T=o*d-l*h,x=o*u-a*h;return e*(y*_-m*b+g*v)-n*(p*_-m*S+g*T)+i*(p*b-y*S+g*x)-r*(p*v-y*T+m*x)}determinantAffine(){let t=this.elements,e=t[0],n=t[4],i=t[8],r=t[1],o=t[5],a=t[9],l=t[2],c=t[6],h=t[10];return e*(o*h-a*c)-n*(r*h-a*l)+i*(r*c-o*l)}transpose(){let t=this.elements,e;return e=t[1],t[1]=t[4],t[4]=e,e=t[2],t[2]=t[8],t[8]=e,e=t[6],t[6]=t[9],t[9]=e,e=t[3],t[3]=t[12],t[12]=e,e=t[7],t[7]=t[13],t[13]=e,e=t[11],t[11]=t[14],t[14]=e,this}setPosition(t,e,n){let i=this.elements;return t.isVector3?(i[12]=t.x,i[13]=t.y,i[14]=t.z):(i[12]=t,i[13]=e,i[14]=n),this}invert(){let t=this.elements,e=t[0],n=t[1],i=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=t[9],d=t[10],f=t[11],p=t[12],y=t[13],m=t[14],g=t[15],_=e*a-n*o,b=e*l-i*o,v=e*c-r*o,S=n*l-i*a,T=n*c-r*a,x=i*c-r*l,w=h*y-u*p,N=h*m-d*p,C=h*g-f*p,L=u*m-d*y,R=u*g-f*y,U=d*g-f*m,I=_*U-b*R+v*L+S*C-T*N+x*w;if(I===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let k=1/I;return t[0]=(a*U-l*R+c*L)*k,t[1]=(i*R-n*U-r*L)*k,t[2]=(y*x-m*T+g*S)*k,t[3]=(d*T-u*x-f*S)*k,t[4]=(l*C-o*U-c*N)*k,t[5]=(e*U-i*C+r*N)*k,t[6]=(m*v-p*x-g*b)*k,t[7]=(h*x-d*v+f*b)*k,t[8]=(o*R-a*C+c*w)*k,t[9]=(n*C-e*R-r*w)*k,t[10]=(p*T-y*v+g*_)*k,t[11]=(u*v-h*T-f*_)*k,t[12]=(a*N-o*L-l*w)*k,t[13]=(e*L-n*N+i*w)*k,t[14]=(y*b-p*S-m*_)*k,t[15]=(h*S-u*b+d*_)*k,this}scale(t){let e=this.elements,n=t.x,i=t.y,r=t.z;return e[0]*=n,e[4]*=i,e[8]*=r,e[1]*=n,e[5]*=i,e[9]*=r,e[2]*=n,e[6]*=i,e[10]*=r,e[3]*=n,e[7]*=i,e[11]*=r,this}getMaxScaleOnAxis(){let t=this.elements,e=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],n=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],i=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(e,n,i))}makeTranslation(t,e,n){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,e,0,0,1,n,0,0,0,1),this}makeRotationX(t){let e=Math.cos(t),n=Math.sin(t);return this.set(1,0,0,0,0,e,-n,0,0,n,e,0,0,0,0,1),this}makeRotationY(t){let e=Math.cos(t),n=Math.sin(t);return this.set(e,0,n,0,0,1,0,0,-n,0,e,0,0,0,0,1),this}makeRotationZ(t){let e=Math.cos(t),n=Math.sin(t);return this.set(e,-n,0,0,n,e,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,e){let n=Math.cos(e),i=Math.sin(e),r=1-n,o=t.x,a=t.y,l=t.z,c=r*o,h=r*a;return this.set(c*o+n,c*a-i*l,c*l+i*a,0,c*a+i*l,h*a+n,h*l-i*o,0,c*l-i*a,h*l+i*o,r*l*l+n,0,0,0,0,1),this}makeScale(t,e,n){return this.set(t,0,0,0,0,e,0,0,0,0,n,0,0,0,0,1),this}makeShear(t,e,n,i,r,o){return this.set(1,n,r,0,t,1,o,0,e,i,1,0,0,0,0,1),this}compose(t,e,n){let i=this.elements,r=e._x,o=e._y,a=e._z,l=e._w,c=r+r,h=o+o,u=a+a,d=r*c,f=r*h,p=r*u,y=o*h,m=o*u,g=a*u,_=l*c,b=l*h,v=l*u,S=n.x,T=n.y,x=n.z;return i[0]=(1-(y+g))*S,i[1]=(f+v)*S,i[2]=(p-b)*S,i[3]=0,i[4]=(f-v)*T,i[5]=(1-(d+g))*T,i[6]=(m+_)*T,i[7]=0,i[8]=(p+b)*x,i[9]=(m-_)*x,i[10]=(1-(d+y))*x,i[11]=0,i[12]=t.x,i[13]=t.y,i[14]=t.z,i[15]=1,this}decompose(t,e,n){let i=this.elements;t.x=i[12],t.y=i[13],t.z=i[14];let r=this.determinantAffine();if(r===0)return n.set(1,1,1),e.identity(),this;let o=Ls.set(i[0],i[1],i[2]).length(),a=Ls.set(i[4],i[5],i[6]).length(),l=Ls.set(i[8],i[9],i[10]).length();r<0&&(o=-o),Wn.copy(this);let c=1/o,h=1/a,u=1/l;return Wn.elements[0]*=c,Wn.elements[1]*=c,Wn.elements[2]*=c,Wn.elements[4]*=h,Wn.elements[5]*=h,Wn.elements[6]*=h,Wn.elements[8]*=u,Wn.elements[9]*=u,Wn.elements[10]*=u,e.setFromRotationMatrix(Wn),n.x=o,n.y=a,n.z=l,this}makePerspective(t,e,n,i,r,o,a=Un,l=!1){let c=this.elements,h=2*r/(e-t),u=2*r/(n-i),d=(e+t)/(e-t),f=(n+i)/(n-i),p,y;if(l)p=r/(o-r),y=o*r/(o-r);else if(a===Un)p=-(o+r)/(o-r),y=-2*o*r/(o-r);else if(a===Ks)p=-o/(o-r),y=-o*r/(o-r);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=u,c[9]=f,c[13]=0,c[2]=0,c[6]=0,c[10]=p,c[14]=y,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,e,n,i,r,o,a=Un,l=!1){let c=this.elements,h=2/(e-t),u=2/(n-i),d=-(e+t)/(e-t),f=-(n+i)/(n-i),p,y;if(l)p=1/(o-r),y=o/(o-r);else if(a===Un)p=-2/(o-r),y=-(o+r)/(o-r);else if(a===Ks)p=-1/(o-r),y=-r/(o-r);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=u,c[9]=0,c[13]=f,c[2]=0,c[6]=0,c[10]=p,c[14]=y,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let e=this.elements,n=t.elements;for(let i=0;i<16;i++)if(e[i]!==n[i])return!1;return!0}fromArray(t,e=0){for(let n=0;n<16;n++)this.elements[n]=t[n+e];return this}toArray(t=[],e=0){let n=this.elements;return t[e]=n[0],t[e+1]=n[1],t[e+2]=n[2],t[e+3]=n[3],t[e+4]=n[4],t[e+5]=n[5],t[e+6]=n[6],t[e+7]=n[7],t[e+8]=n[8],t[e+9]=n[9],t[e+10]=n[10],t[e+11]=n[11],t[e+12]=n[12],t[e+13]=n[13],t[e+14]=n[14],t[e+15]=n[15],t}},Ls=new A,Wn=new St,r0=new A(0,0,0),o0=new A(1,1,1),Ui=new A,aa=new A,bn=new A,Sf=new St,Mf=new Te,Mi=class s{constructor(t=0,e=0,n=0,i=s.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=e,this._z=n,this._order=i}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,e,n,i=this._order){return this._x=t,this._y=e,this._z=n,this._order=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,e=this._order,n=!0){let i=t.elements,r=i[0],o=i[4],a=i[8],l=i[1],c=i[5],h=i[9],u=i[2],d=i[6],f=i[10];switch(e){case"XYZ":this._y=Math.asin(Dt(a,-1,1)),Math.abs(a)<.9999999?(this._x=Math.atan2(-h,f),this._z=Math.atan2(-o,r)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-Dt(h,-1,1)),Math.abs(h)<.9999999?(this._y=Math.atan2(a,f),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-u,r),this._z=0);break;case"ZXY":this._x=Math.asin(Dt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-u,f),this._z=Math.atan2(-o,c)):(this._y=0,this._z=Math.atan2(l,r));break;case"ZYX":this._y=Math.asin(-Dt(u,-1,1)),Math.abs(u)<.9999999?(this._x=Math.atan2(d,f),this._z=Math.atan2(l,r)):(this._x=0,this._z=Math.atan2(-o,c));break;case"YZX":this._z=Math.asin(Dt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-h,c),this._y=Math.atan2(-u,r)):(this._x=0,this._y=Math.atan2(a,f));break;case"XZY":this._z=Math.asin(-Dt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(a,r)):(this._x=Math.atan2(-h,f),this._y=0);break;default:Rt("Euler: .setFromRotationMatrix() encountered an unknown order: "+e)}return this._order=e,n===!0&&this._onChangeCallback(),this}setFromQuaternion(t,e,n){return Sf.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Sf,e,n)}setFromVector3(t,e=this._order){return this.set(t.x,t.y,t.z,e)}reorder(t){return Mf.setFromEuler(this),this.setFromQuaternion(Mf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};Mi.DEFAULT_ORDER="XYZ";var tr=class{constructor(){this.mask=1}set(t){this.mask=(1<<t|0)>>>0}enable(t){this.mask|=1<<t|0}enableAll(){this.mask=-1}toggle(t){this.mask^=1<<t|0}disable(t){this.mask&=~(1<<t|0)}disableAll(){this.mask=0}test(t){return(this.mask&t.mask)!==0}isEnabled(t){return(this.mask&(1<<t|0))!==0}},a0=0,Ef=new A,Ns=new Te,yi=new St,la=new A,Vr=new A,l0=new A,c0=new Te,Tf=new A(1,0,0),Af=new A(0,1,0),Cf=new A(0,0,1),Rf={type:"added"},h0={type:"removed"},Ds={type:"childadded",child:null},Dh={type:"childremoved",child:null},Xe=class s extends $n{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:a0++}),this.uuid=yr(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=s.DEFAULT_UP.clone();let t=new A,e=new Mi,n=new Te,i=new A(1,1,1);function r(){n.setFromEuler(e,!1)}function o(){e.setFromQuaternion(n,void 0,!1)}e._onChange(r),n._onChange(o),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:e},quaternion:{configurable:!0,enumerable:!0,value:n},scale:{configurable:!0,enumerable:!0,value:i},modelViewMatrix:{value:new St},normalMatrix:{value:new Ut}}),this.matrix=new St,this.matrixWorld=new St,this.matrixAutoUpdate=s.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=s.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new tr,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,e){this.quaternion.setFromAxisAngle(t,e)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,e){return Ns.setFromAxisAngle(t,e),this.quaternion.multiply(Ns),this}rotateOnWorldAxis(t,e){return Ns.setFromAxisAngle(t,e),this.quaternion.premultiply(Ns),this}rotateX(t){return this.rotateOnAxis(Tf,t)}rotateY(t){return this.rotateOnAxis(Af,t)}rotateZ(t){return this.rotateOnAxis(Cf,t)}translateOnAxis(t,e){return Ef.copy(t).applyQuaternion(this.quaternion),this.position.add(Ef.multiplyScalar(e)),this}translateX(t){return this.translateOnAxis(Tf,t)}translateY(t){return this.translateOnAxis(Af,t)}translateZ(t){return this.translateOnAxis(Cf,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(yi.copy(this.matrixWorld).invert())}lookAt(t,e,n){t.isVector3?la.copy(t):la.set(t,e,n);let i=this.parent;this.updateWorldMatrix(!0,!1),Vr.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?yi.lookAt(Vr,la,this.up):yi.lookAt(la,Vr,this.up),this.quaternion.setFromRotationMatrix(yi),i&&(yi.extractRotation(i.matrixWorld),Ns.setFromRotationMatrix(yi),this.quaternion.premultiply(Ns.invert()))}add(t){if(arguments.length>1){for(let e=0;e<arguments.length;e++)this.add(arguments[e]);return this}return t===this?(Lt("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(Rf),Ds.child=t,this.dispatchEvent(Ds),Ds.child=null):Lt("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let n=0;n<arguments.length;n++)this.remove(arguments[n]);return this}let e=this.children.indexOf(t);return e!==-1&&(t.parent=null,this.children.splice(e,1),t.dispatchEvent(h0),Dh.child=t,this.dispatchEvent(Dh),Dh.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),yi.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),yi.multiply(t.parent.matrixWorld)),t.applyMatrix4(yi),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(Rf),Ds.child=t,this.dispatchEvent(Ds),Ds.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,e){if(this[t]===e)return this;for(let n=0,i=this.children.length;n<i;n++){let o=this.children[n].getObjectByProperty(t,e);if(o!==void 0)return o}}getObjectsByProperty(t,e,n=[]){this[t]===e&&n.push(this);let i=this.children;for(let r=0,o=i.length;r<o;r++)i[r].getObjectsByProperty(t,e,n);return n}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Vr,t,l0),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Vr,c0,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let e=this.matrixWorld.elements;return t.set(e[8],e[9],e[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let e=this.children;for(let n=0,i=e.length;n<i;n++)e[n].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let e=this.children;for(let n=0,i=e.length;n<i;n++)e[n].traverseVisible(t)}traverseAncestors(t){let e=this.parent;e!==null&&(t(e),e.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let e=t.x,n=t.y,i=t.z,r=this.matrix.elements;r[12]+=e-r[0]*e-r[4]*n-r[8]*i,r[13]+=n-r[1]*e-r[5]*n-r[9]*i,r[14]+=i-r[2]*e-r[6]*n-r[10]*i}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let e=this.children;for(let n=0,i=e.length;n<i;n++)e[n].updateMatrixWorld(t)}updateWorldMatrix(t,e,n=!1){let i=this.parent;if(t===!0&&i!==null&&i.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||n)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,n=!0),e===!0){let r=this.children;for(let o=0,a=r.length;o<a;o++)r[o].updateWorldMatrix(!1,!0,n)}}toJSON(t){let e=t===void 0||typeof t=="string",n={};e&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},n.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let i={};i.uuid=this.uuid,i.type=this.type,i.name=this.name,i.castShadow=this.castShadow,i.receiveShadow=this.receiveShadow,i.visible=this.visible,i.frustumCulled=this.frustumCulled,i.renderOrder=this.renderOrder,i.static=this.static,i.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(i.userData=this.userData),i.layers=this.layers.mask,i.matrix=this.matrix.toArray(),i.up=this.up.toArray(),this.pivot!==null&&(i.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(i.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(i.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(i.type="InstancedMesh",i.count=this.count,i.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(i.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(i.type="BatchedMesh",i.perObjectFrustumCulled=this.perObjectFrustumCulled,i.sortObjects=this.sortObjects,i.drawRanges=this._drawRanges,i.reservedRanges=this._reservedRanges,i.geometryInfo=this._geometryInfo.map(a=>({...a,boundingBox:a.boundingBox?a.boundingBox.toJSON():void 0,boundingSphere:a.boundingSphere?a.boundingSphere.toJSON():void 0})),i.instanceInfo=this._instanceInfo.map(a=>({...a})),i.availableInstanceIds=this._availableInstanceIds.slice(),i.availableGeometryIds=this._availableGeometryIds.slice(),i.nextIndexStart=this._nextIndexStart,i.nextVertexStart=this._nextVertexStart,i.geometryCount=this._geometryCount,i.maxInstanceCount=this._maxInstanceCount,i.maxVertexCount=this._maxVertexCount,i.maxIndexCount=this._maxIndexCount,i.geometryInitialized=this._geometryInitialized,i.matricesTexture=this._matricesTexture.toJSON(t),i.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(i.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(i.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(i.boundingBox=this.boundingBox.toJSON()));function r(a,l){return a[l.uuid]===void 0&&(a[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?i.background=this.background.toJSON():this.background.isTexture&&(i.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(i.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){i.geometry=r(t.geometries,this.geometry);let a=this.geometry.parameters;if(a!==void 0&&a.shapes!==void 0){let l=a.shapes;if(Array.isArray(l))for(let c=0,h=l.length;c<h;c++){let u=l[c];r(t.shapes,u)}else r(t.shapes,l)}}if(this.isSkinnedMesh&&(i.bindMode=this.bindMode,i.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(r(t.skeletons,this.skeleton),i.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let a=[];for(let l=0,c=this.material.length;l<c;l++)a.push(r(t.materials,this.material[l]));i.material=a}else i.material=r(t.materials,this.material);if(this.children.length>0){i.children=[];for(let a=0;a<this.children.length;a++)i.children.push(this.children[a].toJSON(t).object)}if(this.animations.length>0){i.animations=[];for(let a=0;a<this.animations.length;a++){let l=this.animations[a];i.animations.push(r(t.animations,l))}}if(e){let a=o(t.geometries),l=o(t.materials),c=o(t.textures),h=o(t.images),u=o(t.shapes),d=o(t.skeletons),f=o(t.animations),p=o(t.nodes);a.length>0&&(n.geometries=a),l.length>0&&(n.materials=l),c.length>0&&(n.textures=c),h.length>0&&(n.images=h),u.length>0&&(n.shapes=u),d.length>0&&(n.skeletons=d),f.length>0&&(n.animations=f),p.length>0&&(n.nodes=p)}return n.object=i,n;function o(a){let l=[];for(let c in a){let h=a[c];delete h.metadata,l.push(h)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,e=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),e===!0)for(let n=0;n<t.children.length;n++){let i=t.children[n];this.add(i.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Xe.DEFAULT_UP=new A(0,1,0);Xe.DEFAULT_MATRIX_AUTO_UPDATE=!0;Xe.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var Fe=class extends Xe{constructor(){super(),this.isGroup=!0,this.type="Group"}},u0={type:"move"},er=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new Fe,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new Fe,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new A,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new A),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new Fe,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new A,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new A,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(t){return this._targetRay!==null&&this._targetRay.dispatchEvent(t),this._grip!==null&&this._grip.dispatchEvent(t),this._hand!==null&&this._hand.dispatchEvent(t),this}connect(t){if(t&&t.hand){let e=this._hand;if(e)for(let n of t.hand.values())this._getHandJoint(e,n)}return this.dispatchEvent({type:"connected",data:t}),this}disconnect(t){return this.dispatchEvent({type:"disconnected",data:t}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(t,e,n){let i=null,r=null,o=null,a=this._targetRay,l=this._grip,c=this._hand;if(t&&e.session.visibilityState!=="visible-blurred"){if(c&&t.hand){o=!0;for(let y of t.hand.values()){let m=e.getJointPose(y,n),g=this._getHandJoint(c,y);m!==null&&(g.matrix.fromArray(m.transform.matrix),g.matrix.decompose(g.position,g.quaternion,g.scale),g.matrixWorldNeedsUpdate=!0,g.jointRadius=m.radius),g.visible=m!==null}let h=c.joints["index-finger-tip"],u=c.joints["thumb-tip"],d=h.position.distanceTo(u.position),f=.02,p=.005;c.inputState.pinching&&d>f+p?(c.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:t.handedness,target:this})):!c.inputState.pinching&&d<=f-p&&(c.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:t.handedness,target:this}))}else l!==null&&t.gripSpace&&(r=e.getPose(t.gripSpace,n),r!==null&&(l.matrix.fromArray(r.transform.matrix),l.matrix.decompose(l.position,l.quaternion,l.scale),l.matrixWorldNeedsUpdate=!0,r.linearVelocity?(l.hasLinearVelocity=!0,l.linearVelocity.copy(r.linearVelocity)):l.hasLinearVelocity=!1,r.angularVelocity?(l.hasAngularVelocity=!0,l.angularVelocity.copy(r.angularVelocity)):l.hasAngularVelocity=!1,l.eventsEnabled&&l.dispatchEvent({type:"gripUpdated",data:t,target:this})));a!==null&&(i=e.getPose(t.targetRaySpace,n),i===null&&r!==null&&(i=r),i!==null&&(a.matrix.fromArray(i.transform.matrix),a.matrix.decompose(a.position,a.quaternion,a.scale),a.matrixWorldNeedsUpdate=!0,i.linearVelocity?(a.hasLinearVelocity=!0,a.linearVelocity.copy(i.linearVelocity)):a.hasLinearVelocity=!1,i.angularVelocity?(a.hasAngularVelocity=!0,a.angularVelocity.copy(i.angularVelocity)):a.hasAngularVelocity=!1,this.dispatchEvent(u0)))}return a!==null&&(a.visible=i!==null),l!==null&&(l.visible=r!==null),c!==null&&(c.visible=o!==null),this}_getHandJoint(t,e){if(t.joints[e.jointName]===void 0){let n=new Fe;n.matrixAutoUpdate=!1,n.visible=!1,t.joints[e.jointName]=n,t.add(n)}return t.joints[e.jointName]}},Wp={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},Oi={h:0,s:0,l:0},ca={h:0,s:0,l:0};function Uh(s,t,e){return e<0&&(e+=1),e>1&&(e-=1),e<1/6?s+(t-s)*6*e:e<1/2?t:e<2/3?s+(t-s)*6*(2/3-e):s}var Ot=class{constructor(t,e,n){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(t,e,n)}set(t,e,n){if(e===void 0&&n===void 0){let i=t;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(t,e,n);return this}setScalar(t){return this.r=t,this.g=t,this.b=t,this}setHex(t,e=nn){return t=Math.floor(t),this.r=(t>>16&255)/255,this.g=(t>>8&255)/255,this.b=(t&255)/255,$t.colorSpaceToWorking(this,e),this}setRGB(t,e,n,i=$t.workingColorSpace){return this.r=t,this.g=e,this.b=n,$t.colorSpaceToWorking(this,i),this}setHSL(t,e,n,i=$t.workingColorSpace){if(t=ku(t,1),e=Dt(e,0,1),n=Dt(n,0,1),e===0)this.r=this.g=this.b=n;else{let r=n<=.5?n*(1+e):n+e-n*e,o=2*n-r;this.r=Uh(o,r,t+1/3),this.g=Uh(o,r,t),this.b=Uh(o,r,t-1/3)}return $t.colorSpaceToWorking(this,i),this}setStyle(t,e=nn){function n(r){r!==void 0&&parseFloat(r)<1&&Rt("Color: Alpha component of "+t+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(t)){let r,o=i[1],a=i[2];switch(o){case"rgb":case"rgba":if(r=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return n(r[4]),this.setRGB(Math.min(255,parseInt(r[1],10))/255,Math.min(255,parseInt(r[2],10))/255,Math.min(255,parseInt(r[3],10))/255,e);if(r=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return n(r[4]),this.setRGB(Math.min(100,parseFloat(r[1]))/100,Math.min(100,parseFloat(r[2]))/100,Math.min(100,parseFloat(r[3]))/100,e);break;case"hsl":case"hsla":if(r=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return n(r[4]),this.setHSL(parseFloat(r[1])/360,parseFloat(r[2])/100,parseFloat(r[3])/100,e);break;default:Rt("Color: Unknown color model "+t)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(t)){let r=i[1],o=r.length;if(o===3)return this.setRGB(parseInt(r.charAt(0),16)/15,parseInt(r.charAt(1),16)/15,parseInt(r.charAt(2),16)/15,e);if(o===6)return this.setHex(parseInt(r,16),e);Rt("Color: Invalid hex color "+t)}else if(t&&t.length>0)return this.setColorName(t,e);return this}setColorName(t,e=nn){let n=Wp[t.toLowerCase()];return n!==void 0?this.setHex(n,e):Rt("Color: Unknown color "+t),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(t){return this.r=t.r,this.g=t.g,this.b=t.b,this}copySRGBToLinear(t){return this.r=wi(t.r),this.g=wi(t.g),this.b=wi(t.b),this}copyLinearToSRGB(t){return this.r=$s(t.r),this.g=$s(t.g),this.b=$s(t.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(t=nn){return $t.workingToColorSpace(en.copy(this),t),Math.round(Dt(en.r*255,0,255))*65536+Math.round(Dt(en.g*255,0,255))*256+Math.round(Dt(en.b*255,0,255))}getHexString(t=nn){return("000000"+this.getHex(t).toString(16)).slice(-6)}getHSL(t,e=$t.workingColorSpace){$t.workingToColorSpace(en.copy(this),e);let n=en.r,i=en.g,r=en.b,o=Math.max(n,i,r),a=Math.min(n,i,r),l,c,h=(a+o)/2;if(a===o)l=0,c=0;else{let u=o-a;switch(c=h<=.5?u/(o+a):u/(2-o-a),o){case n:l=(i-r)/u+(i<r?6:0);break;case i:l=(r-n)/u+2;break;case r:l=(n-i)/u+4;break}l/=6}return t.h=l,t.s=c,t.l=h,t}getRGB(t,e=$t.workingColorSpace){return $t.workingToColorSpace(en.copy(this),e),t.r=en.r,t.g=en.g,t.b=en.b,t}getStyle(t=nn){$t.workingToColorSpace(en.copy(this),t);let e=en.r,n=en.g,i=en.b;return t!==nn?`color(${t} ${e.toFixed(3)} ${n.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(e*255)},${Math.round(n*255)},${Math.round(i*255)})`}offsetHSL(t,e,n){return this.getHSL(Oi),this.setHSL(Oi.h+t,Oi.s+e,Oi.l+n)}add(t){return this.r+=t.r,this.g+=t.g,this.b+=t.b,this}addColors(t,e){return this.r=t.r+e.r,this.g=t.g+e.g,this.b=t.b+e.b,this}addScalar(t){return this.r+=t,this.g+=t,this.b+=t,this}sub(t){return this.r=Math.max(0,this.r-t.r),this.g=Math.max(0,this.g-t.g),this.b=Math.max(0,this.b-t.b),this}multiply(t){return this.r*=t.r,this.g*=t.g,this.b*=t.b,this}multiplyScalar(t){return this.r*=t,this.g*=t,this.b*=t,this}lerp(t,e){return this.r+=(t.r-this.r)*e,this.g+=(t.g-this.g)*e,this.b+=(t.b-this.b)*e,this}lerpColors(t,e,n){return this.r=t.r+(e.r-t.r)*n,this.g=t.g+(e.g-t.g)*n,this.b=t.b+(e.b-t.b)*n,this}lerpHSL(t,e){this.getHSL(Oi),t.getHSL(ca);let n=Jr(Oi.h,ca.h,e),i=Jr(Oi.s,ca.s,e),r=Jr(Oi.l,ca.l,e);return this.setHSL(n,i,r),this}setFromVector3(t){return this.r=t.x,this.g=t.y,this.b=t.z,this}applyMatrix3(t){let e=this.r,n=this.g,i=this.b,r=t.elements;return this.r=r[0]*e+r[3]*n+r[6]*i,this.g=r[1]*e+r[4]*n+r[7]*i,this.b=r[2]*e+r[5]*n+r[8]*i,this}equals(t){return t.r===this.r&&t.g===this.g&&t.b===this.b}fromArray(t,e=0){return this.r=t[e],this.g=t[e+1],this.b=t[e+2],this}toArray(t=[],e=0){return t[e]=this.r,t[e+1]=this.g,t[e+2]=this.b,t}fromBufferAttribute(t,e){return this.r=t.getX(e),this.g=t.getY(e),this.b=t.getZ(e),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},en=new Ot;Ot.NAMES=Wp;var us=class extends Xe{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new Mi,this.environmentIntensity=1,this.environmentRotation=new Mi,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(t,e){return super.copy(t,e),this.background=t.background!==null?t.background.clone():null,this.environment=t.environment!==null?t.environment.clone():null,this.fog=t.fog!==null?t.fog.clone():null,this.backgroundBlurriness=t.backgroundBlurriness,this.backgroundIntensity=t.backgroundIntensity,this.backgroundRotation.copy(t.backgroundRotation),this.environmentIntensity=t.environmentIntensity,this.environmentRotation.copy(t.environmentRotation),this.overrideMaterial=t.overrideMaterial!==null?t.overrideMaterial.clone():null,this.matrixAutoUpdate=t.matrixAutoUpdate,this}toJSON(t){let e=super.toJSON(t);return this.fog!==null&&(e.object.fog=this.fog.toJSON()),e.object.backgroundBlurriness=this.backgroundBlurriness,e.object.backgroundIntensity=this.backgroundIntensity,e.object.backgroundRotation=this.backgroundRotation.toArray(),e.object.environmentIntensity=this.environmentIntensity,e.object.environmentRotation=this.environmentRotation.toArray(),e}},qn=new A,xi=new A,Oh=new A,_i=new A,Us=new A,Os=new A,Pf=new A,Fh=new A,kh=new A,Bh=new A,zh=new _e,Vh=new _e,Hh=new _e,sn=class s{constructor(t=new A,e=new A,n=new A){this.a=t,this.b=e,this.c=n}static getNormal(t,e,n,i){i.subVectors(n,e),qn.subVectors(t,e),i.cross(qn);let r=i.lengthSq();return r>0?i.multiplyScalar(1/Math.sqrt(r)):i.set(0,0,0)}static getBarycoord(t,e,n,i,r){qn.subVectors(i,e),xi.subVectors(n,e),Oh.subVectors(t,e);let o=qn.dot(qn),a=qn.dot(xi),l=qn.dot(Oh),c=xi.dot(xi),h=xi.dot(Oh),u=o*c-a*a;if(u===0)return r.set(0,0,0),null;let d=1/u,f=(c*l-a*h)*d,p=(o*h-a*l)*d;return r.set(1-f-p,p,f)}static containsPoint(t,e,n,i){return this.getBarycoord(t,e,n,i,_i)===null?!1:_i.x>=0&&_i.y>=0&&_i.x+_i.y<=1}static getInterpolation(t,e,n,i,r,o,a,l){return this.getBarycoord(t,e,n,i,_i)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(r,_i.x),l.addScaledVector(o,_i.y),l.addScaledVector(a,_i.z),l)}static getInterpolatedAttribute(t,e,n,i,r,o){return zh.setScalar(0),Vh.setScalar(0),Hh.setScalar(0),zh.fromBufferAttribute(t,e),Vh.fromBufferAttribute(t,n),Hh.fromBufferAttribute(t,i),o.setScalar(0),o.addScaledVector(zh,r.x),o.addScaledVector(Vh,r.y),o.addScaledVector(Hh,r.z),o}static isFrontFacing(t,e,n,i){return qn.subVectors(n,e),xi.subVectors(t,e),qn.cross(xi).dot(i)<0}set(t,e,n){return this.a.copy(t),this.b.copy(e),this.c.copy(n),this}setFromPointsAndIndices(t,e,n,i){return this.a.copy(t[e]),this.b.copy(t[n]),this.c.copy(t[i]),this}setFromAttributeAndIndices(t,e,n,i){return this.a.fromBufferAttribute(t,e),this.b.fromBufferAttribute(t,n),this.c.fromBufferAttribute(t,i),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return qn.subVectors(this.c,this.b),xi.subVectors(this.a,this.b),qn.cross(xi).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return s.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,e){return s.getBarycoord(t,this.a,this.b,this.c,e)}getInterpolation(t,e,n,i,r){return s.getInterpolation(t,this.a,this.b,this.c,e,n,i,r)}containsPoint(t){return s.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return s.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,e){let n=this.a,i=this.b,r=this.c,o,a;Us.subVectors(i,n),Os.subVectors(r,n),Fh.subVectors(t,n);let l=Us.dot(Fh),c=Os.dot(Fh);if(l<=0&&c<=0)return e.copy(n);kh.subVectors(t,i);let h=Us.dot(kh),u=Os.dot(kh);if(h>=0&&u<=h)return e.copy(i);let d=l*u-h*c;if(d<=0&&l>=0&&h<=0&&l-h>0)return o=l/(l-h),e.copy(n).addScaledVector(Us,o);Bh.subVectors(t,r);let f=Us.dot(Bh),p=Os.dot(Bh);if(p>=0&&f<=p)return e.copy(r);let y=f*c-l*p;if(y<=0&&c>=0&&p<=0)return a=c/(c-p),e.copy(n).addScaledVector(Os,a);let m=h*p-f*u;if(m<=0&&u-h>=0&&f-p>=0)return Pf.subVectors(r,i),a=(u-h)/(u-h+(f-p)),e.copy(i).addScaledVector(Pf,a);let g=1/(m+y+d);return o=y*g,a=d*g,e.copy(n).addScaledVector(Us,o).addScaledVector(Os,a)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},jt=class{constructor(t=new A(1/0,1/0,1/0),e=new A(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=t,this.max=e}set(t,e){return this.min.copy(t),this.max.copy(e),this}setFromArray(t){this.makeEmpty();for(let e=0,n=t.length;e<n;e+=3)this.expandByPoint(Xn.fromArray(t,e));return this}setFromBufferAttribute(t){this.makeEmpty();for(let e=0,n=t.count;e<n;e++)this.expandByPoint(Xn.fromBufferAttribute(t,e));return this}setFromPoints(t){this.makeEmpty();for(let e=0,n=t.length;e<n;e++)this.expandByPoint(t[e]);return this}setFromCenterAndSize(t,e){let n=Xn.copy(e).multiplyScalar(.5);return this.min.copy(t).sub(n),this.max.copy(t).add(n),this}setFromObject(t,e=!1){return this.makeEmpty(),this.expandByObject(t,e)}clone(){return new this.constructor().copy(this)}copy(t){return this.min.copy(t.min),this.max.copy(t.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(t){return this.isEmpty()?t.set(0,0,0):t.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(t){return this.isEmpty()?t.set(0,0,0):t.subVectors(this.max,this.min)}expandByPoint(t){return this.min.min(t),this.max.max(t),this}expandByVector(t){return this.min.sub(t),this.max.add(t),this}expandByScalar(t){return this.min.addScalar(-t),this.max.addScalar(t),this}expandByObject(t,e=!1){t.updateWorldMatrix(!1,!1);let n=t.geometry;if(n!==void 0){let r=n.getAttribute("position");if(e===!0&&r!==void 0&&t.isInstancedMesh!==!0&&t.isBatchedMesh!==!0)for(let o=0,a=r.count;o<a;o++)t.isMesh===!0?t.getVertexPosition(o,Xn):Xn.fromBufferAttribute(r,o),Xn.applyMatrix4(t.matrixWorld),this.expandByPoint(Xn);else t.boundingBox!==void 0?(t.boundingBox===null&&t.computeBoundingBox(),ha.copy(t.boundingBox)):(n.boundingBox===null&&n.computeBoundingBox(),ha.copy(n.boundingBox)),ha.applyMatrix4(t.matrixWorld),this.union(ha)}let i=t.children;for(let r=0,o=i.length;r<o;r++)this.expandByObject(i[r],e);return this}containsPoint(t){return t.x>=this.min.x&&t.x<=this.max.x&&t.y>=this.min.y&&t.y<=this.max.y&&t.z>=this.min.z&&t.z<=this.max.z}containsBox(t){return this.min.x<=t.min.x&&t.max.x<=this.max.x&&this.min.y<=t.min.y&&t.max.y<=this.max.y&&this.min.z<=t.min.z&&t.max.z<=this.max.z}getParameter(t,e){return e.set((t.x-this.min.x)/(this.max.x-this.min.x),(t.y-this.min.y)/(this.max.y-this.min.y),(t.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(t){return t.max.x>=this.min.x&&t.min.x<=this.max.x&&t.max.y>=this.min.y&&t.min.y<=this.max.y&&t.max.z>=this.min.z&&t.min.z<=this.max.z}intersectsSphere(t){return this.clampPoint(t.center,Xn),Xn.distanceToSquared(t.center)<=t.radius*t.radius}intersectsPlane(t){let e,n;return t.normal.x>0?(e=t.normal.x*this.min.x,n=t.normal.x*this.max.x):(e=t.normal.x*this.max.x,n=t.normal.x*this.min.x),t.normal.y>0?(e+=t.normal.y*this.min.y,n+=t.normal.y*this.max.y):(e+=t.normal.y*this.max.y,n+=t.normal.y*this.min.y),t.normal.z>0?(e+=t.normal.z*this.min.z,n+=t.normal.z*this.max.z):(e+=t.normal.z*this.max.z,n+=t.normal.z*this.min.z),e<=-t.constant&&n>=-t.constant}intersectsTriangle(t){if(this.isEmpty())return!1;this.getCenter(Hr),ua.subVectors(this.max,Hr),Fs.subVectors(t.a,Hr),ks.subVectors(t.b,Hr),Bs.subVectors(t.c,Hr),Fi.subVectors(ks,Fs),ki.subVectors(Bs,ks),as.subVectors(Fs,Bs);let e=[0,-Fi.z,Fi.y,0,-ki.z,ki.y,0,-as.z,as.y,Fi.z,0,-Fi.x,ki.z,0,-ki.x,as.z,0,-as.x,-Fi.y,Fi.x,0,-ki.y,ki.x,0,-as.y,as.x,0];return!Gh(e,Fs,ks,Bs,ua)||(e=[1,0,0,0,1,0,0,0,1],!Gh(e,Fs,ks,Bs,ua))?!1:(da.crossVectors(Fi,ki),e=[da.x,da.y,da.z],Gh(e,Fs,ks,Bs,ua))}clampPoint(t,e){return e.copy(t).clamp(this.min,this.max)}distanceToPoint(t){return this.clampPoint(t,Xn).distanceTo(t)}getBoundingSphere(t){return this.isEmpty()?t.makeEmpty():(this.getCenter(t.center),t.radius=this.getSize(Xn).length()*.5),t}intersect(t){return this.min.max(t.min),this.max.min(t.max),this.isEmpty()&&this.makeEmpty(),this}union(t){return this.min.min(t.min),this.max.max(t.max),this}applyMatrix4(t){return this.isEmpty()?this:(vi[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(t),vi[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(t),vi[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(t),vi[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(t),vi[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(t),vi[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(t),vi[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(t),vi[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(t),this.setFromPoints(vi),this)}translate(t){return this.min.add(t),this.max.add(t),this}equals(t){return t.min.equals(this.min)&&t.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(t){return this.min.fromArray(t.min),this.max.fromArray(t.max),this}},vi=[new A,new A,new A,new A,new A,new A,new A,new A],Xn=new A,ha=new jt,Fs=new A,ks=new A,Bs=new A,Fi=new A,ki=new A,as=new A,Hr=new A,ua=new A,da=new A,ls=new A;function Gh(s,t,e,n,i){for(let r=0,o=s.length-3;r<=o;r+=3){ls.fromArray(s,r);let a=i.x*Math.abs(ls.x)+i.y*Math.abs(ls.y)+i.z*Math.abs(ls.z),l=t.dot(ls),c=e.dot(ls),h=n.dot(ls);if(Math.max(-Math.max(l,c,h),Math.min(l,c,h))>a)return!1}return!0}var Ie=new A,fa=new ct,d0=0,Ee=class extends $n{constructor(t,e,n=!1){if(super(),Array.isArray(t))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:d0++}),this.name="",this.array=t,this.itemSize=e,this.count=t!==void 0?t.length/e:0,this.normalized=n,this.usage=Fp,this.updateRanges=[],this.gpuType=Bn,this.version=0,this._normalizationScale=t!==void 0?zu(t):void 0}onUploadCallback(){}set needsUpdate(t){t===!0&&this.version++}setUsage(t){return this.usage=t,this}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}copy(t){return this.name=t.name,this.array=new t.array.constructor(t.array),this.itemSize=t.itemSize,this.count=t.count,this.normalized=t.normalized,this.usage=t.usage,this.gpuType=t.gpuType,this._normalizationScale=t._normalizationScale,this}copyAt(t,e,n){t*=this.itemSize,n*=e.itemSize;for(let i=0,r=this.itemSize;i<r;i++)this.array[t+i]=e.array[n+i];return this}copyArray(t){return this.array.set(t),this}applyMatrix3(t){if(this.itemSize===2)for(let e=0,n=this.count;e<n;e++)fa.fromBufferAttribute(this,e),fa.applyMatrix3(t),this.setXY(e,fa.x,fa.y);else if(this.itemSize===3)for(let e=0,n=this.count;e<n;e++)Ie.fromBufferAttribute(this,e),Ie.applyMatrix3(t),this.setXYZ(e,Ie.x,Ie.y,Ie.z);return this}applyMatrix4(t){for(let e=0,n=this.count;e<n;e++)Ie.fromBufferAttribute(this,e),Ie.applyMatrix4(t),this.setXYZ(e,Ie.x,Ie.y,Ie.z);return this}applyNormalMatrix(t){for(let e=0,n=this.count;e<n;e++)Ie.fromBufferAttribute(this,e),Ie.applyNormalMatrix(t),this.setXYZ(e,Ie.x,Ie.y,Ie.z);return this}transformDirection(t){for(let e=0,n=this.count;e<n;e++)Ie.fromBufferAttribute(this,e),Ie.transformDirection(t),this.setXYZ(e,Ie.x,Ie.y,Ie.z);return this}set(t,e=0){return this.array.set(t,e),this}getComponent(t,e){let n=this.array[t*this.itemSize+e];return this.normalized&&(n=this._denormalize(n)),n}setComponent(t,e,n){return this.normalized&&(n=this._normalize(n)),this.array[t*this.itemSize+e]=n,this}getX(t){let e=this.array[t*this.itemSize];return this.normalized&&(e=this._denormalize(e)),e}setX(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize]=e,this}getY(t){let e=this.array[t*this.itemSize+1];return this.normalized&&(e=this._denormalize(e)),e}setY(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+1]=e,this}getZ(t){let e=this.array[t*this.itemSize+2];return this.normalized&&(e=this._denormalize(e)),e}setZ(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+2]=e,this}getW(t){let e=this.array[t*this.itemSize+3];return this.normalized&&(e=this._denormalize(e)),e}setW(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+3]=e,this}setXY(t,e,n){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),n=this._normalize(n)),this.array[t+0]=e,this.array[t+1]=n,this}setXYZ(t,e,n,i){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),n=this._normalize(n),i=this._normalize(i)),this.array[t+0]=e,this.array[t+1]=n,this.array[t+2]=i,this}setXYZW(t,e,n,i,r){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),n=this._normalize(n),i=this._normalize(i),r=this._normalize(r)),this.array[t+0]=e,this.array[t+1]=n,this.array[t+2]=i,this.array[t+3]=r,this}onUpload(t){return this.onUploadCallback=t,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let t={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return t.name=this.name,t.usage=this.usage,t.gpuType=this.gpuType,t}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(t){let e=this._normalizationScale;return e!==void 0?Math.max(t/e,-1):Hp(t,this.array)}_normalize(t){let e=this._normalizationScale;return e!==void 0?Math.round(t*e):Gp(t,this.array)}};var ro=class extends Ee{constructor(t,e,n){super(new Uint16Array(t),e,n)}};var oo=class extends Ee{constructor(t,e,n){super(new Uint32Array(t),e,n)}};var Se=class extends Ee{constructor(t,e,n){super(new Float32Array(t),e,n)}},f0=new jt,Gr=new A,Wh=new A,$e=class{constructor(t=new A,e=-1){this.isSphere=!0,this.center=t,this.radius=e}set(t,e){return this.center.copy(t),this.radius=e,this}setFromPoints(t,e){let n=this.center;e!==void 0?n.copy(e):f0.setFromPoints(t).getCenter(n);let i=0;for(let r=0,o=t.length;r<o;r++)i=Math.max(i,n.distanceToSquared(t[r]));return this.radius=Math.sqrt(i),this}copy(t){return this.center.copy(t.center),this.radius=t.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(t){return t.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(t){return t.distanceTo(this.center)-this.radius}intersectsSphere(t){let e=this.radius+t.radius;return t.center.distanceToSquared(this.center)<=e*e}intersectsBox(t){return t.intersectsSphere(this)}intersectsPlane(t){return Math.abs(t.distanceToPoint(this.center))<=this.radius}clampPoint(t,e){let n=this.center.distanceToSquared(t);return e.copy(t),n>this.radius*this.radius&&(e.sub(this.center).normalize(),e.multiplyScalar(this.radius).add(this.center)),e}getBoundingBox(t){return this.isEmpty()?(t.makeEmpty(),t):(t.set(this.center,this.center),t.expandByScalar(this.radius),t)}applyMatrix4(t){return this.center.applyMatrix4(t),this.radius=this.radius*t.getMaxScaleOnAxis(),this}translate(t){return this.center.add(t),this}expandByPoint(t){if(this.isEmpty())return this.center.copy(t),this.radius=0,this;Gr.subVectors(t,this.center);let e=Gr.lengthSq();if(e>this.radius*this.radius){let n=Math.sqrt(e),i=(n-this.radius)*.5;this.center.addScaledVector(Gr,i/n),this.radius+=i}return this}union(t){return t.isEmpty()?this:this.isEmpty()?(this.copy(t),this):(this.center.equals(t.center)===!0?this.radius=Math.max(this.radius,t.radius):(Wh.subVectors(t.center,this.center).setLength(t.radius),this.expandByPoint(Gr.copy(t.center).add(Wh)),this.expandByPoint(Gr.copy(t.center).sub(Wh))),this)}equals(t){return t.center.equals(this.center)&&t.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(t){return this.radius=t.radius,this.center.fromArray(t.center),this}},p0=0,Dn=new St,qh=new Xe,zs=new A,wn=new jt,Wr=new jt,We=new A,se=class s extends $n{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:p0++}),this.uuid=yr(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(By(t)?oo:ro)(t,1):this.index=t,this}setIndirect(t,e=0){return this.indirect=t,this.indirectOffset=e,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,e){return this.attributes[t]=e,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,e,n=0){this.groups.push({start:t,count:e,materialIndex:n})}clearGroups(){this.groups=[]}setDrawRange(t,e){this.drawRange.start=t,this.drawRange.count=e}applyMatrix4(t){let e=this.attributes.position;e!==void 0&&(e.applyMatrix4(t),e.needsUpdate=!0);let n=this.attributes.normal;if(n!==void 0){let r=new Ut().getNormalMatrix(t);n.applyNormalMatrix(r),n.needsUpdate=!0}let i=this.attributes.tangent;return i!==void 0&&(i.transformDirection(t),i.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Dn.makeRotationFromQuaternion(t),this.applyMatrix4(Dn),this}rotateX(t){return Dn.makeRotationX(t),this.applyMatrix4(Dn),this}rotateY(t){return Dn.makeRotationY(t),this.applyMatrix4(Dn),this}rotateZ(t){return Dn.makeRotationZ(t),this.applyMatrix4(Dn),this}translate(t,e,n){return Dn.makeTranslation(t,e,n),this.applyMatrix4(Dn),this}scale(t,e,n){return Dn.makeScale(t,e,n),this.applyMatrix4(Dn),this}lookAt(t){return qh.lookAt(t),qh.updateMatrix(),this.applyMatrix4(qh.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(zs).negate(),this.translate(zs.x,zs.y,zs.z),this}setFromPoints(t){let e=this.getAttribute("position");if(e===void 0){let n=[];for(let i=0,r=t.length;i<r;i++){let o=t[i];n.push(o.x,o.y,o.z||0)}this.setAttribute("position",new Se(n,3))}else{let n=Math.min(t.length,e.count);for(let i=0;i<n;i++){let r=t[i];e.setXYZ(i,r.x,r.y,r.z||0)}t.length>e.count&&Rt("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),e.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new jt);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Lt("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new A(-1/0,-1/0,-1/0),new A(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),e)for(let n=0,i=e.length;n<i;n++){let r=e[n];wn.setFromBufferAttribute(r),this.morphTargetsRelative?(We.addVectors(this.boundingBox.min,wn.min),this.boundingBox.expandByPoint(We),We.addVectors(this.boundingBox.max,wn.max),this.boundingBox.expandByPoint(We)):(this.boundingBox.expandByPoint(wn.min),this.boundingBox.expandByPoint(wn.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&Lt('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new $e);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Lt("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new A,1/0);return}if(t){let n=this.boundingSphere.center;if(wn.setFromBufferAttribute(t),e)for(let r=0,o=e.length;r<o;r++){let a=e[r];Wr.setFromBufferAttribute(a),this.morphTargetsRelative?(We.addVectors(wn.min,Wr.min),wn.expandByPoint(We),We.addVectors(wn.max,Wr.max),wn.expandByPoint(We)):(wn.expandByPoint(Wr.min),wn.expandByPoint(Wr.max))}wn.getCenter(n);let i=0;for(let r=0,o=t.count;r<o;r++)We.fromBufferAttribute(t,r),i=Math.max(i,n.distanceToSquared(We));if(e)for(let r=0,o=e.length;r<o;r++){let a=e[r],l=this.morphTargetsRelative;for(let c=0,h=a.count;c<h;c++)We.fromBufferAttribute(a,c),l&&(zs.fromBufferAttribute(t,c),We.add(zs)),i=Math.max(i,n.distanceToSquared(We))}this.boundingSphere.radius=Math.sqrt(i),isNaN(this.boundingSphere.radius)&&Lt('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,e=this.attributes;if(t===null||e.position===void 0||e.normal===void 0||e.uv===void 0){Lt("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let n=e.position,i=e.normal,r=e.uv,o=this.getAttribute("tangent");(o===void 0||o.count!==n.count)&&(o=new Ee(new Float32Array(4*n.count),4),this.setAttribute("tangent",o));let a=[],l=[],c=new Uint8Array(n.count);for(let N=0;N<n.count;N++)a[N]=new A,l[N]=new A;let h=new A,u=new A,d=new A,f=new ct,p=new ct,y=new ct,m=new A,g=new A;function _(N,C,L){c[N]=c[C]=c[L]=1,h.fromBufferAttribute(n,N),u.fromBufferAttribute(n,C),d.fromBufferAttribute(n,L),f.fromBufferAttribute(r,N),p.fromBufferAttribute(r,C),y.fromBufferAttribute(r,L),u.sub(h),d.sub(h),p.sub(f),y.sub(f);let R=1/(p.x*y.y-y.x*p.y);isFinite(R)&&(m.copy(u).multiplyScalar(y.y).addScaledVector(d,-p.y).multiplyScalar(R),g.copy(d).multiplyScalar(p.x).addScaledVector(u,-y.x).multiplyScalar(R),a[N].add(m),a[C].add(m),a[L].add(m),l[N].add(g),l[C].add(g),l[L].add(g))}let b=this.groups;b.length===0&&(b=[{start:0,count:t.count}]);for(let N=0,C=b.length;N<C;++N){let L=b[N],R=L.start,U=L.count;for(let I=R,k=R+U;I<k;I+=3)_(t.getX(I+0),t.getX(I+1),t.getX(I+2))}let v=new A,S=new A,T=new A,x=new A;function w(N){T.fromBufferAttribute(i,N),x.copy(T);let C=a[N];v.copy(C),v.sub(T.multiplyScalar(T.dot(C))).normalize(),S.crossVectors(x,C);let R=S.dot(l[N])<0?-1:1;o.setXYZW(N,v.x,v.y,v.z,R)}for(let N=0,C=n.count;N<C;++N)c[N]&&w(N);this._transformed=!0}computeVertexNormals(){let t=this.index,e=this.getAttribute("position");if(e!==void 0){let n=this.getAttribute("normal");if(n===void 0||n.count!==e.count)n=new Ee(new Float32Array(e.count*3),3),this.setAttribute("normal",n);else for(let d=0,f=n.count;d<f;d++)n.setXYZ(d,0,0,0);let i=new A,r=new A,o=new A,a=new A,l=new A,c=new A,h=new A,u=new A;if(t)for(let d=0,f=t.count;d<f;d+=3){let p=t.getX(d+0),y=t.getX(d+1),m=t.getX(d+2);i.fromBufferAttribute(e,p),r.fromBufferAttribute(e,y),o.fromBufferAttribute(e,m),h.subVectors(o,r),u.subVectors(i,r),h.cross(u),a.fromBufferAttribute(n,p),l.fromBufferAttribute(n,y),c.fromBufferAttribute(n,m),a.add(h),l.add(h),c.add(h),n.setXYZ(p,a.x,a.y,a.z),n.setXYZ(y,l.x,l.y,l.z),n.setXYZ(m,c.x,c.y,c.z)}else for(let d=0,f=e.count;d<f;d+=3)i.fromBufferAttribute(e,d+0),r.fromBufferAttribute(e,d+1),o.fromBufferAttribute(e,d+2),h.subVectors(o,r),u.subVectors(i,r),h.cross(u),n.setXYZ(d+0,h.x,h.y,h.z),n.setXYZ(d+1,h.x,h.y,h.z),n.setXYZ(d+2,h.x,h.y,h.z);this.normalizeNormals(),n.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let e=0,n=t.count;e<n;e++)We.fromBufferAttribute(t,e),We.normalize(),t.setXYZ(e,We.x,We.y,We.z)}toNonIndexed(){function t(a,l){let c=a.array,h=a.itemSize,u=a.normalized,d=new c.constructor(l.length*h),f=0,p=0;for(let y=0,m=l.length;y<m;y++){a.isInterleavedBufferAttribute?f=l[y]*a.data.stride+a.offset:f=l[y]*h;for(let g=0;g<h;g++)d[p++]=c[f++]}return new Ee(d,h,u)}if(this.index===null)return Rt("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let e=new s,n=this.index.array,i=this.attributes;for(let a in i){let l=i[a],c=t(l,n);e.setAttribute(a,c)}let r=this.morphAttributes;for(let a in r){let l=[],c=r[a];for(let h=0,u=c.length;h<u;h++){let d=c[h],f=t(d,n);l.push(f)}e.morphAttributes[a]=l}e.morphTargetsRelative=this.morphTargetsRelative;let o=this.groups;for(let a=0,l=o.length;a<l;a++){let c=o[a];e.addGroup(c.start,c.count,c.materialIndex)}return e}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let e=this.index;e!==null&&(t.data.index={type:e.array.constructor.name,array:Array.prototype.slice.call(e.array)});let n=this.attributes;for(let l in n){let c=n[l];t.data.attributes[l]=c.toJSON(t.data)}let i={},r=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],h=[];for(let u=0,d=c.length;u<d;u++){let f=c[u];h.push(f.toJSON(t.data))}h.length>0&&(i[l]=h,r=!0)}r&&(t.data.morphAttributes=i,t.data.morphTargetsRelative=this.morphTargetsRelative);let o=this.groups;o.length>0&&(t.data.groups=JSON.parse(JSON.stringify(o)));let a=this.boundingSphere;return a!==null&&(t.data.boundingSphere=a.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let e={};this.name=t.name;let n=t.index;n!==null&&this.setIndex(n.clone());let i=t.attributes;for(let c in i){let h=i[c];this.setAttribute(c,h.clone(e))}let r=t.morphAttributes;for(let c in r){let h=[],u=r[c];for(let d=0,f=u.length;d<f;d++)h.push(u[d].clone(e));this.morphAttributes[c]=h}this.morphTargetsRelative=t.morphTargetsRelative;let o=t.groups;for(let c=0,h=o.length;c<h;c++){let u=o[c];this.addGroup(u.start,u.count,u.materialIndex)}let a=t.boundingBox;a!==null&&(this.boundingBox=a.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}};var Xh=new A,m0=new A,g0=new Ut,Ce=class{constructor(t=new A(1,0,0),e=0){this.isPlane=!0,this.normal=t,this.constant=e}set(t,e){return this.normal.copy(t),this.constant=e,this}setComponents(t,e,n,i){return this.normal.set(t,e,n),this.constant=i,this}setFromNormalAndCoplanarPoint(t,e){return this.normal.copy(t),this.constant=-e.dot(this.normal),this}setFromCoplanarPoints(t,e,n){let i=Xh.subVectors(n,e).cross(m0.subVectors(t,e)).normalize();return this.setFromNormalAndCoplanarPoint(i,t),this}copy(t){return this.normal.copy(t.normal),this.constant=t.constant,this}normalize(){let t=1/this.normal.length();return this.normal.multiplyScalar(t),this.constant*=t,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(t){return this.normal.dot(t)+this.constant}distanceToSphere(t){return this.distanceToPoint(t.center)-t.radius}projectPoint(t,e){return e.copy(t).addScaledVector(this.normal,-this.distanceToPoint(t))}intersectLine(t,e,n=!0){let i=t.delta(Xh),r=this.normal.dot(i);if(r===0)return this.distanceToPoint(t.start)===0?e.copy(t.start):null;let o=-(t.start.dot(this.normal)+this.constant)/r;return n===!0&&(o<0||o>1)?null:e.copy(t.start).addScaledVector(i,o)}intersectsLine(t){let e=this.distanceToPoint(t.start),n=this.distanceToPoint(t.end);return e<0&&n>0||n<0&&e>0}intersectsBox(t){return t.intersectsPlane(this)}intersectsSphere(t){return t.intersectsPlane(this)}coplanarPoint(t){return t.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(t,e){let n=e||g0.getNormalMatrix(t),i=this.coplanarPoint(Xh).applyMatrix4(t),r=this.normal.applyMatrix3(n).normalize();return this.constant=-i.dot(r),this}translate(t){return this.constant-=t.dot(this.normal),this}equals(t){return t.normal.equals(this.normal)&&t.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(t){return this.normal.fromArray(t.normal),this.constant=t.constant,this}},y0=0,ri=class extends $n{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:y0++}),this.uuid=yr(),this.name="",this.type="Material",this.blending=pr,this.side=Zn,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=yu,this.blendDst=xu,this.blendEquation=vs,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new Ot(0,0,0),this.blendAlpha=0,this.depthFunc=Ys,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=Ip,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=Oa,this.stencilZFail=Oa,this.stencilZPass=Oa,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(t){this._alphaTest>0!=t>0&&this.version++,this._alphaTest=t}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(t){if(t!==void 0)for(let e in t){let n=t[e];if(n===void 0){Rt(`Material: parameter '${e}' has value of undefined.`);continue}let i=this[e];if(i===void 0){Rt(`Material: '${e}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(n):i&&i.isVector2&&n&&n.isVector2||i&&i.isEuler&&n&&n.isEuler||i&&i.isVector3&&n&&n.isVector3?i.copy(n):this[e]=n}}toJSON(t){let e=t===void 0||typeof t=="string";e&&(t={textures:{},images:{}});let n={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};n.uuid=this.uuid,n.type=this.type,n.blending=this.blending,n.side=this.side,n.shadowSide=this.shadowSide,n.vertexColors=this.vertexColors,n.opacity=this.opacity,n.transparent=this.transparent,n.blendSrc=this.blendSrc,n.blendDst=this.blendDst,n.blendEquation=this.blendEquation,n.blendSrcAlpha=this.blendSrcAlpha,n.blendDstAlpha=this.blendDstAlpha,n.blendEquationAlpha=this.blendEquationAlpha,n.blendColor=this.blendColor.getHex(),n.blendAlpha=this.blendAlpha,n.depthFunc=this.depthFunc,n.depthTest=this.depthTest,n.depthWrite=this.depthWrite,n.colorWrite=this.colorWrite,n.clipIntersection=this.clipIntersection,n.clipShadows=this.clipShadows,n.stencilWriteMask=this.stencilWriteMask,n.stencilFunc=this.stencilFunc,n.stencilRef=this.stencilRef,n.stencilFuncMask=this.stencilFuncMask,n.stencilFail=this.stencilFail,n.stencilZFail=this.stencilZFail,n.stencilZPass=this.stencilZPass,n.stencilWrite=this.stencilWrite,n.polygonOffset=this.polygonOffset,n.polygonOffsetFactor=this.polygonOffsetFactor,n.polygonOffsetUnits=this.polygonOffsetUnits,n.dithering=this.dithering,n.alphaTest=this.alphaTest,n.alphaHash=this.alphaHash,n.alphaToCoverage=this.alphaToCoverage,n.premultipliedAlpha=this.premultipliedAlpha,n.forceSinglePass=this.forceSinglePass,n.allowOverride=this.allowOverride,n.visible=this.visible,n.toneMapped=this.toneMapped,n.name=this.name,this.color&&this.color.isColor&&(n.color=this.color.getHex()),this.roughness!==void 0&&(n.roughness=this.roughness),this.metalness!==void 0&&(n.metalness=this.metalness),this.sheen!==void 0&&(n.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(n.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(n.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(n.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(n.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(n.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(n.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(n.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(n.shininess=this.shininess),this.clearcoat!==void 0&&(n.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(n.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(n.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(n.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(t).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(n.clearcoatMap=this.clearcoatMap.toJSON(t).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(n.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(t).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(n.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(t).uuid,n.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(n.sheenColorMap=this.sheenColorMap.toJSON(t).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(n.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(t).uuid),this.dispersion!==void 0&&(n.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(n.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(n.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(n.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(n.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(n.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(n.iridescenceMap=this.iridescenceMap.toJSON(t).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(n.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(t).uuid),this.anisotropy!==void 0&&(n.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(n.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(n.anisotropyMap=this.anisotropyMap.toJSON(t).uuid),this.map&&this.map.isTexture&&(n.map=this.map.toJSON(t).uuid),this.matcap&&this.matcap.isTexture&&(n.matcap=this.matcap.toJSON(t).uuid),this.alphaMap&&this.alphaMap.isTexture&&(n.alphaMap=this.alphaMap.toJSON(t).uuid),this.lightMap&&this.lightMap.isTexture&&(n.lightMap=this.lightMap.toJSON(t).uuid,n.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(n.aoMap=this.aoMap.toJSON(t).uuid,n.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(n.bumpMap=this.bumpMap.toJSON(t).uuid,n.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(n.normalMap=this.normalMap.toJSON(t).uuid,n.normalMapType=this.normalMapType,n.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(n.displacementMap=this.displacementMap.toJSON(t).uuid,n.displacementScale=this.displacementScale,n.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(n.roughnessMap=this.roughnessMap.toJSON(t).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(n.metalnessMap=this.metalnessMap.toJSON(t).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(n.emissiveMap=this.emissiveMap.toJSON(t).uuid),this.specularMap&&this.specularMap.isTexture&&(n.specularMap=this.specularMap.toJSON(t).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(n.specularIntensityMap=this.specularIntensityMap.toJSON(t).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(n.specularColorMap=this.specularColorMap.toJSON(t).uuid),this.envMap&&this.envMap.isTexture&&(n.envMap=this.envMap.toJSON(t).uuid,this.combine!==void 0&&(n.combine=this.combine)),this.envMapRotation!==void 0&&(n.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(n.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(n.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(n.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(n.gradientMap=this.gradientMap.toJSON(t).uuid),this.transmission!==void 0&&(n.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(n.transmissionMap=this.transmissionMap.toJSON(t).uuid),this.thickness!==void 0&&(n.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(n.thicknessMap=this.thicknessMap.toJSON(t).uuid),this.attenuationDistance!==void 0&&(n.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(n.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(n.size=this.size),this.sizeAttenuation!==void 0&&(n.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(n.clippingPlanes=this.clippingPlanes.map(r=>r.toJSON())),this.rotation!==void 0&&(n.rotation=this.rotation),this.depthPacking!==void 0&&(n.depthPacking=this.depthPacking),this.linewidth!==void 0&&(n.linewidth=this.linewidth),this.linecap!==void 0&&(n.linecap=this.linecap),this.linejoin!==void 0&&(n.linejoin=this.linejoin),this.dashSize!==void 0&&(n.dashSize=this.dashSize),this.gapSize!==void 0&&(n.gapSize=this.gapSize),this.scale!==void 0&&(n.scale=this.scale),this.wireframe!==void 0&&(n.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(n.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(n.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(n.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(n.flatShading=this.flatShading),this.fog!==void 0&&(n.fog=this.fog),Object.keys(this.userData).length>0&&(n.userData=this.userData);function i(r){let o=[];for(let a in r){let l=r[a];delete l.metadata,o.push(l)}return o}if(e){let r=i(t.textures),o=i(t.images);r.length>0&&(n.textures=r),o.length>0&&(n.images=o)}return n}fromJSON(t,e){if(t.uuid!==void 0&&(this.uuid=t.uuid),t.name!==void 0&&(this.name=t.name),t.color!==void 0&&this.color!==void 0&&this.color.setHex(t.color),t.roughness!==void 0&&(this.roughness=t.roughness),t.metalness!==void 0&&(this.metalness=t.metalness),t.sheen!==void 0&&(this.sheen=t.sheen),t.sheenColor!==void 0&&(this.sheenColor=new Ot().setHex(t.sheenColor)),t.sheenRoughness!==void 0&&(this.sheenRoughness=t.sheenRoughness),t.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(t.emissive),t.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(t.specular),t.specularIntensity!==void 0&&(this.specularIntensity=t.specularIntensity),t.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(t.specularColor),t.shininess!==void 0&&(this.shininess=t.shininess),t.clearcoat!==void 0&&(this.clearcoat=t.clearcoat),t.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=t.clearcoatRoughness),t.diffuseRoughness!==void 0&&(this.diffuseRoughness=t.diffuseRoughness),t.dispersion!==void 0&&(this.dispersion=t.dispersion),t.retroreflectivity!==void 0&&(this.retroreflectivity=t.retroreflectivity),t.iridescence!==void 0&&(this.iridescence=t.iridescence),t.iridescenceIOR!==void 0&&(this.iridescenceIOR=t.iridescenceIOR),t.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessMinimum),t.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=t.iridescenceThicknessMaximum),t.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=t.iridescenceThicknessRange[1]),t.transmission!==void 0&&(this.transmission=t.transmission),t.thickness!==void 0&&(this.thickness=t.thickness),t.attenuationDistance!==void 0&&(this.attenuationDistance=t.attenuationDistance),t.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(t.attenuationColor),t.anisotropy!==void 0&&(this.anisotropy=t.anisotropy),t.anisotropyRotation!==void 0&&(this.anisotropyRotation=t.anisotropyRotation),t.fog!==void 0&&(this.fog=t.fog),t.flatShading!==void 0&&(this.flatShading=t.flatShading),t.blending!==void 0&&(this.blending=t.blending),t.combine!==void 0&&(this.combine=t.combine),t.side!==void 0&&(this.side=t.side),t.shadowSide!==void 0&&(this.shadowSide=t.shadowSide),t.opacity!==void 0&&(this.opacity=t.opacity),t.transparent!==void 0&&(this.transparent=t.transparent),t.alphaTest!==void 0&&(this.alphaTest=t.alphaTest),t.alphaHash!==void 0&&(this.alphaHash=t.alphaHash),t.depthFunc!==void 0&&(this.depthFunc=t.depthFunc),t.depthTest!==void 0&&(this.depthTest=t.depthTest),t.depthWrite!==void 0&&(this.depthWrite=t.depthWrite),t.colorWrite!==void 0&&(this.colorWrite=t.colorWrite),t.clippingPlanes!==void 0&&(this.clippingPlanes=t.clippingPlanes.map(n=>new Ce().fromJSON(n))),t.clipIntersection!==void 0&&(this.clipIntersection=t.clipIntersection),t.clipShadows!==void 0&&(this.clipShadows=t.clipShadows),t.depthPacking!==void 0&&(this.depthPacking=t.depthPacking),t.blendSrc!==void 0&&(this.blendSrc=t.blendSrc),t.blendDst!==void 0&&(this.blendDst=t.blendDst),t.blendEquation!==void 0&&(this.blendEquation=t.blendEquation),t.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=t.blendSrcAlpha),t.blendDstAlpha!==void 0&&(this.blendDstAlpha=t.blendDstAlpha),t.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=t.blendEquationAlpha),t.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(t.blendColor),t.blendAlpha!==void 0&&(this.blendAlpha=t.blendAlpha),t.stencilWriteMask!==void 0&&(this.stencilWriteMask=t.stencilWriteMask),t.stencilFunc!==void 0&&(this.stencilFunc=t.stencilFunc),t.stencilRef!==void 0&&(this.stencilRef=t.stencilRef),t.stencilFuncMask!==void 0&&(this.stencilFuncMask=t.stencilFuncMask),t.stencilFail!==void 0&&(this.stencilFail=t.stencilFail),t.stencilZFail!==void 0&&(this.stencilZFail=t.stencilZFail),t.stencilZPass!==void 0&&(this.stencilZPass=t.stencilZPass),t.stencilWrite!==void 0&&(this.stencilWrite=t.stencilWrite),t.wireframe!==void 0&&(this.wireframe=t.wireframe),t.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=t.wireframeLinewidth),t.wireframeLinecap!==void 0&&(this.wireframeLinecap=t.wireframeLinecap),t.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=t.wireframeLinejoin),t.rotation!==void 0&&(this.rotation=t.rotation),t.linewidth!==void 0&&(this.linewidth=t.linewidth),t.linecap!==void 0&&(this.linecap=t.linecap),t.linejoin!==void 0&&(this.linejoin=t.linejoin),t.dashSize!==void 0&&(this.dashSize=t.dashSize),t.gapSize!==void 0&&(this.gapSize=t.gapSize),t.scale!==void 0&&(this.scale=t.scale),t.polygonOffset!==void 0&&(this.polygonOffset=t.polygonOffset),t.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=t.polygonOffsetFactor),t.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=t.polygonOffsetUnits),t.dithering!==void 0&&(this.dithering=t.dithering),t.alphaToCoverage!==void 0&&(this.alphaToCoverage=t.alphaToCoverage),t.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=t.premultipliedAlpha),t.forceSinglePass!==void 0&&(this.forceSinglePass=t.forceSinglePass),t.allowOverride!==void 0&&(this.allowOverride=t.allowOverride),t.visible!==void 0&&(this.visible=t.visible),t.toneMapped!==void 0&&(this.toneMapped=t.toneMapped),t.userData!==void 0&&(this.userData=t.userData),t.vertexColors!==void 0&&(typeof t.vertexColors=="number"?this.vertexColors=t.vertexColors>0:this.vertexColors=t.vertexColors),t.size!==void 0&&(this.size=t.size),t.sizeAttenuation!==void 0&&(this.sizeAttenuation=t.sizeAttenuation),t.map!==void 0&&(this.map=e[t.map]||null),t.matcap!==void 0&&(this.matcap=e[t.matcap]||null),t.alphaMap!==void 0&&(this.alphaMap=e[t.alphaMap]||null),t.bumpMap!==void 0&&(this.bumpMap=e[t.bumpMap]||null),t.bumpScale!==void 0&&(this.bumpScale=t.bumpScale),t.normalMap!==void 0&&(this.normalMap=e[t.normalMap]||null),t.normalMapType!==void 0&&(this.normalMapType=t.normalMapType),t.normalScale!==void 0){let n=t.normalScale;Array.isArray(n)===!1&&(n=[n,n]),this.normalScale=new ct().fromArray(n)}return t.displacementMap!==void 0&&(this.displacementMap=e[t.displacementMap]||null),t.displacementScale!==void 0&&(this.displacementScale=t.displacementScale),t.displacementBias!==void 0&&(this.displacementBias=t.displacementBias),t.roughnessMap!==void 0&&(this.roughnessMap=e[t.roughnessMap]||null),t.metalnessMap!==void 0&&(this.metalnessMap=e[t.metalnessMap]||null),t.emissiveMap!==void 0&&(this.emissiveMap=e[t.emissiveMap]||null),t.emissiveIntensity!==void 0&&(this.emissiveIntensity=t.emissiveIntensity),t.specularMap!==void 0&&(this.specularMap=e[t.specularMap]||null),t.specularIntensityMap!==void 0&&(this.specularIntensityMap=e[t.specularIntensityMap]||null),t.specularColorMap!==void 0&&(this.specularColorMap=e[t.specularColorMap]||null),t.envMap!==void 0&&(this.envMap=e[t.envMap]||null),t.envMapRotation!==void 0&&this.envMapRotation.fromArray(t.envMapRotation),t.envMapIntensity!==void 0&&(this.envMapIntensity=t.envMapIntensity),t.reflectivity!==void 0&&(this.reflectivity=t.reflectivity),t.refractionRatio!==void 0&&(this.refractionRatio=t.refractionRatio),t.lightMap!==void 0&&(this.lightMap=e[t.lightMap]||null),t.lightMapIntensity!==void 0&&(this.lightMapIntensity=t.lightMapIntensity),t.aoMap!==void 0&&(this.aoMap=e[t.aoMap]||null),t.aoMapIntensity!==void 0&&(this.aoMapIntensity=t.aoMapIntensity),t.gradientMap!==void 0&&(this.gradientMap=e[t.gradientMap]||null),t.clearcoatMap!==void 0&&(this.clearcoatMap=e[t.clearcoatMap]||null),t.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=e[t.clearcoatRoughnessMap]||null),t.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=e[t.clearcoatNormalMap]||null),t.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new ct().fromArray(t.clearcoatNormalScale)),t.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=e[t.diffuseRoughnessMap]||null),t.iridescenceMap!==void 0&&(this.iridescenceMap=e[t.iridescenceMap]||null),t.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=e[t.iridescenceThicknessMap]||null),t.transmissionMap!==void 0&&(this.transmissionMap=e[t.transmissionMap]||null),t.thicknessMap!==void 0&&(this.thicknessMap=e[t.thicknessMap]||null),t.anisotropyMap!==void 0&&(this.anisotropyMap=e[t.anisotropyMap]||null),t.sheenColorMap!==void 0&&(this.sheenColorMap=e[t.sheenColorMap]||null),t.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=e[t.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(t){this.name=t.name,this.blending=t.blending,this.side=t.side,this.vertexColors=t.vertexColors,this.opacity=t.opacity,this.transparent=t.transparent,this.blendSrc=t.blendSrc,this.blendDst=t.blendDst,this.blendEquation=t.blendEquation,this.blendSrcAlpha=t.blendSrcAlpha,this.blendDstAlpha=t.blendDstAlpha,this.blendEquationAlpha=t.blendEquationAlpha,this.blendColor.copy(t.blendColor),this.blendAlpha=t.blendAlpha,this.depthFunc=t.depthFunc,this.depthTest=t.depthTest,this.depthWrite=t.depthWrite,this.stencilWriteMask=t.stencilWriteMask,this.stencilFunc=t.stencilFunc,this.stencilRef=t.stencilRef,this.stencilFuncMask=t.stencilFuncMask,this.stencilFail=t.stencilFail,this.stencilZFail=t.stencilZFail,this.stencilZPass=t.stencilZPass,this.stencilWrite=t.stencilWrite;let e=t.clippingPlanes,n=null;if(e!==null){let i=e.length;n=new Array(i);for(let r=0;r!==i;++r)n[r]=e[r].clone()}return this.clippingPlanes=n,this.clipIntersection=t.clipIntersection,this.clipShadows=t.clipShadows,this.shadowSide=t.shadowSide,this.colorWrite=t.colorWrite,this.precision=t.precision,this.polygonOffset=t.polygonOffset,this.polygonOffsetFactor=t.polygonOffsetFactor,this.polygonOffsetUnits=t.polygonOffsetUnits,this.dithering=t.dithering,this.alphaTest=t.alphaTest,this.alphaHash=t.alphaHash,this.alphaToCoverage=t.alphaToCoverage,this.premultipliedAlpha=t.premultipliedAlpha,this.forceSinglePass=t.forceSinglePass,this.allowOverride=t.allowOverride,this.visible=t.visible,this.toneMapped=t.toneMapped,this.userData=JSON.parse(JSON.stringify(t.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(t){t===!0&&this.version++}};var bi=new A,$h=new A,pa=new A,ma=new A,Mn=class{constructor(t=new A,e=new A(0,0,-1)){this.origin=t,this.direction=e}set(t,e){return this.origin.copy(t),this.direction.copy(e),this}copy(t){return this.origin.copy(t.origin),this.direction.copy(t.direction),this}at(t,e){return e.copy(this.origin).addScaledVector(this.direction,t)}lookAt(t){return this.direction.copy(t).sub(this.origin).normalize(),this}recast(t){return this.origin.copy(this.at(t,bi)),this}closestPointToPoint(t,e){e.subVectors(t,this.origin);let n=e.dot(this.direction);return n<0?e.copy(this.origin):e.copy(this.origin).addScaledVector(this.direction,n)}distanceToPoint(t){return Math.sqrt(this.distanceSqToPoint(t))}distanceSqToPoint(t){let e=bi.subVectors(t,this.origin).dot(this.direction);return e<0?this.origin.distanceToSquared(t):(bi.copy(this.origin).addScaledVector(this.direction,e),bi.distanceToSquared(t))}distanceSqToSegment(t,e,n,i){$h.copy(t).add(e).multiplyScalar(.5),pa.copy(e).sub(t).normalize(),ma.copy(this.origin).sub($h);let r=t.distanceTo(e)*.5,o=-this.direction.dot(pa),a=ma.dot(this.direction),l=-ma.dot(pa),c=ma.lengthSq(),h=Math.abs(1-o*o),u,d,f,p;if(h>0)if(u=o*l-a,d=o*a-l,p=r*h,u>=0)if(d>=-p)if(d<=p){let y=1/h;u*=y,d*=y,f=u*(u+o*d+2*a)+d*(o*u+d+2*l)+c}else d=r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d=-r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d<=-p?(u=Math.max(0,-(-o*r+a)),d=u>0?-r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c):d<=p?(u=0,d=Math.min(Math.max(-r,-l),r),f=d*(d+2*l)+c):(u=Math.max(0,-(o*r+a)),d=u>0?r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c);else d=o>0?-r:r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;return n&&n.copy(this.origin).addScaledVector(this.direction,u),i&&i.copy($h).addScaledVector(pa,d),f}intersectSphere(t,e){if(t.radius<0)return null;bi.subVectors(t.center,this.origin);let n=bi.dot(this.direction),i=bi.dot(bi)-n*n,r=t.radius*t.radius;if(i>r)return null;let o=Math.sqrt(r-i),a=n-o,l=n+o;return l<0?null:a<0?this.at(l,e):this.at(a,e)}intersectsSphere(t){return t.radius<0?!1:this.distanceSqToPoint(t.center)<=t.radius*t.radius}distanceToPlane(t){let e=t.normal.dot(this.direction);if(e===0)return t.distanceToPoint(this.origin)===0?0:null;let n=-(this.origin.dot(t.normal)+t.constant)/e;return n>=0?n:null}intersectPlane(t,e){let n=this.distanceToPlane(t);return n===null?null:this.at(n,e)}intersectsPlane(t){let e=t.distanceToPoint(this.origin);return e===0||t.normal.dot(this.direction)*e<0}intersectBox(t,e){let n,i,r,o,a,l,c=1/this.direction.x,h=1/this.direction.y,u=1/this.direction.z,d=this.origin;return c>=0?(n=(t.min.x-d.x)*c,i=(t.max.x-d.x)*c):(n=(t.max.x-d.x)*c,i=(t.min.x-d.x)*c),h>=0?(r=(t.min.y-d.y)*h,o=(t.max.y-d.y)*h):(r=(t.max.y-d.y)*h,o=(t.min.y-d.y)*h),n>o||r>i||((r>n||isNaN(n))&&(n=r),(o<i||isNaN(i))&&(i=o),u>=0?(a=(t.min.z-d.z)*u,l=(t.max.z-d.z)*u):(a=(t.max.z-d.z)*u,l=(t.min.z-d.z)*u),n>l||a>i)||((a>n||n!==n)&&(n=a),(l<i||i!==i)&&(i=l),i<0)?null:this.at(n>=0?n:i,e)}intersectsBox(t){return this.intersectBox(t,bi)!==null}intersectTriangle(t,e,n,i,r){let o=this.origin,a=this.direction,l=a.x,c=a.y,h=a.z,u=t.x-o.x,d=t.y-o.y,f=t.z-o.z,p=e.x-o.x,y=e.y-o.y,m=e.z-o.z,g=n.x-o.x,_=n.y-o.y,b=n.z-o.z,v=Math.abs(l),S=Math.abs(c),T=Math.abs(h),x,w,N,C,L,R,U,I,k,H,G,tt;if(v>=S&&v>=T?(N=l,R=u,k=p,tt=g,l>=0?(x=c,w=h,C=d,L=f,U=y,I=m,H=_,G=b):(x=h,w=c,C=f,L=d,U=m,I=y,H=b,G=_)):S>=T?(N=c,R=d,k=y,tt=_,c>=0?(x=h,w=l,C=f,L=u,U=m,I=p,H=b,G=g):(x=l,w=h,C=u,L=f,U=p,I=m,H=g,G=b)):(N=h,R=f,k=m,tt=b,h>=0?(x=l,w=c,C=u,L=d,U=p,I=y,H=g,G=_):(x=c,w=l,C=d,L=u,U=y,I=p,H=_,G=g)),N===0)return null;let q=x/N,j=w/N,Q=1/N,_t=C-q*R,Nt=L-j*R,Z=U-q*k,ht=I-j*k,xt=H-q*tt,Ct=G-j*tt,pt=xt*ht-Ct*Z,Ft=_t*Ct-Nt*xt,Me=Z*Nt-ht*_t;if(i){if(pt<0||Ft<0||Me<0)return null}else if((pt<0||Ft<0||Me<0)&&(pt>0||Ft>0||Me>0))return null;let Pt=pt+Ft+Me;if(Pt===0)return null;let Kt=Q*(pt*R+Ft*k+Me*tt);return(Pt>0?Kt<0:Kt>0)?null:this.at(Kt/Pt,r)}applyMatrix4(t){return this.origin.applyMatrix4(t),this.direction.transformDirection(t),this}equals(t){return t.origin.equals(this.origin)&&t.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},On=class extends ri{constructor(t){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new Ot(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Mi,this.combine=vl,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.fog=t.fog,this}},If=new St,cs=new Mn,ga=new $e,Lf=new A,ya=new A,xa=new A,_a=new A,Yh=new A,va=new A,Nf=new A,ba=new A,pe=class extends Xe{constructor(t=new se,e=new On){super(),this.isMesh=!0,this.type="Mesh",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,n=Object.keys(e);if(n.length>0){let i=e[n[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=i.length;r<o;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}getVertexPosition(t,e){let n=this.geometry,i=n.attributes.position,r=n.morphAttributes.position,o=n.morphTargetsRelative;e.fromBufferAttribute(i,t);let a=this.morphTargetInfluences;if(r&&a){va.set(0,0,0);for(let l=0,c=r.length;l<c;l++){let h=a[l],u=r[l];h!==0&&(Yh.fromBufferAttribute(u,t),o?va.addScaledVector(Yh,h):va.addScaledVector(Yh.sub(e),h))}e.add(va)}return e}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let n=this.geometry,i=this.material,r=this.matrixWorld;i!==void 0&&(n.boundingSphere===null&&n.computeBoundingSphere(),ga.copy(n.boundingSphere),ga.applyMatrix4(r),cs.copy(t.ray).recast(t.near),!(ga.containsPoint(cs.origin)===!1&&(cs.intersectSphere(ga,Lf)===null||cs.origin.distanceToSquared(Lf)>(t.far-t.near)**2))&&(If.copy(r).invert(),cs.copy(t.ray).applyMatrix4(If),!(n.boundingBox!==null&&cs.intersectsBox(n.boundingBox)===!1)&&this._computeIntersections(t,e,cs)))}_computeIntersections(t,e,n){let i,r=this.geometry,o=this.material,a=r.index,l=r.attributes.position,c=r.attributes.uv,h=r.attributes.uv1,u=r.attributes.normal,d=r.groups,f=r.drawRange;if(a!==null)if(Array.isArray(o))for(let p=0,y=d.length;p<y;p++){let m=d[p],g=o[m.materialIndex],_=Math.max(m.start,f.start),b=Math.min(a.count,Math.min(m.start+m.count,f.start+f.count));for(let v=_,S=b;v<S;v+=3){let T=a.getX(v),x=a.getX(v+1),w=a.getX(v+2);i=wa(this,g,t,n,c,h,u,T,x,w),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=m.materialIndex,e.push(i))}}else{let p=Math.max(0,f.start),y=Math.min(a.count,f.start+f.count);for(let m=p,g=y;m<g;m+=3){let _=a.getX(m),b=a.getX(m+1),v=a.getX(m+2);i=wa(this,o,t,n,c,h,u,_,b,v),i&&(i.faceIndex=Math.floor(m/3),e.push(i))}}else if(l!==void 0)if(Array.isArray(o))for(let p=0,y=d.length;p<y;p++){let m=d[p],g=o[m.materialIndex],_=Math.max(m.start,f.start),b=Math.min(l.count,Math.min(m.start+m.count,f.start+f.count));for(let v=_,S=b;v<S;v+=3){let T=v,x=v+1,w=v+2;i=wa(this,g,t,n,c,h,u,T,x,w),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=m.materialIndex,e.push(i))}}else{let p=Math.max(0,f.start),y=Math.min(l.count,f.start+f.count);for(let m=p,g=y;m<g;m+=3){let _=m,b=m+1,v=m+2;i=wa(this,o,t,n,c,h,u,_,b,v),i&&(i.faceIndex=Math.floor(m/3),e.push(i))}}}};function x0(s,t,e,n,i,r,o,a){let l;if(t.side===Ke?l=n.intersectTriangle(o,r,i,!0,a):l=n.intersectTriangle(i,r,o,t.side===Zn,a),l===null)return null;ba.copy(a),ba.applyMatrix4(s.matrixWorld);let c=e.ray.origin.distanceTo(ba);return c<e.near||c>e.far?null:{distance:c,point:ba.clone(),object:s}}function wa(s,t,e,n,i,r,o,a,l,c){s.getVertexPosition(a,ya),s.getVertexPosition(l,xa),s.getVertexPosition(c,_a);let h=x0(s,t,e,n,ya,xa,_a,Nf);if(h){let u=new A;sn.getBarycoord(Nf,ya,xa,_a,u),i&&(h.uv=sn.getInterpolatedAttribute(i,a,l,c,u,new ct)),r&&(h.uv1=sn.getInterpolatedAttribute(r,a,l,c,u,new ct)),o&&(h.normal=sn.getInterpolatedAttribute(o,a,l,c,u,new A),h.normal.dot(n.direction)>0&&h.normal.multiplyScalar(-1));let d={a,b:l,c,normal:new A,materialIndex:0};sn.getNormal(ya,xa,_a,d.normal),h.face=d,h.barycoord=u}return h}var ao=class extends gn{constructor(t=null,e=1,n=1,i,r,o,a,l,c=qe,h=qe,u,d){super(null,o,a,l,c,h,i,r,u,d),this.isDataTexture=!0,this.image={data:t,width:e,height:n},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}};var ds=class extends Ee{constructor(t,e,n,i=1){super(t,e,n),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(t){return super.copy(t),this.meshPerAttribute=t.meshPerAttribute,this}toJSON(){let t=super.toJSON();return t.meshPerAttribute=this.meshPerAttribute,t.isInstancedBufferAttribute=!0,t}},Vs=new St,Df=new St,Sa=[],Uf=new jt,_0=new St,qr=new pe,Xr=new $e,lo=class extends pe{constructor(t,e,n){super(t,e),this.isInstancedMesh=!0,this.instanceMatrix=new ds(new Float32Array(n*16),16),this.instanceColor=null,this.morphTexture=null,this.count=n,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<n;i++)this.setMatrixAt(i,_0)}computeBoundingBox(){let t=this.geometry,e=this.count;this.boundingBox===null&&(this.boundingBox=new jt),t.boundingBox===null&&t.computeBoundingBox(),this.boundingBox.makeEmpty();for(let n=0;n<e;n++)this.getMatrixAt(n,Vs),Uf.copy(t.boundingBox).applyMatrix4(Vs),this.boundingBox.union(Uf)}computeBoundingSphere(){let t=this.geometry,e=this.count;this.boundingSphere===null&&(this.boundingSphere=new $e),t.boundingSphere===null&&t.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let n=0;n<e;n++)this.getMatrixAt(n,Vs),Xr.copy(t.boundingSphere).applyMatrix4(Vs),this.boundingSphere.union(Xr)}copy(t,e){return super.copy(t,e),this.instanceMatrix.copy(t.instanceMatrix),this.morphTexture=t.morphTexture!==null?t.morphTexture.clone():null,this.instanceColor=t.instanceColor!==null?t.instanceColor.clone():null,this.count=t.count,this.boundingBox=t.boundingBox!==null?t.boundingBox.clone():null,this.boundingSphere=t.boundingSphere!==null?t.boundingSphere.clone():null,this}getColorAt(t,e){return this.instanceColor===null?e.setRGB(1,1,1):e.fromArray(this.instanceColor.array,t*3)}getMatrixAt(t,e){return e.fromArray(this.instanceMatrix.array,t*16)}getMorphAt(t,e){let n=e.morphTargetInfluences,i=this.morphTexture.source.data.data,r=n.length+1,o=t*r+1;for(let a=0;a<n.length;a++)n[a]=i[o+a]}raycast(t,e){let n=this.matrixWorld,i=this.count;if(qr.geometry=this.geometry,qr.material=this.material,qr.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Xr.copy(this.boundingSphere),Xr.applyMatrix4(n),t.ray.intersectsSphere(Xr)!==!1))for(let r=0;r<i;r++){this.getMatrixAt(r,Vs),Df.multiplyMatrices(n,Vs),qr.matrixWorld=Df,qr.raycast(t,Sa);for(let o=0,a=Sa.length;o<a;o++){let l=Sa[o];l.instanceId=r,l.object=this,e.push(l)}Sa.length=0}}setColorAt(t,e){return this.instanceColor===null&&(this.instanceColor=new ds(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),e.toArray(this.instanceColor.array,t*3),this}setMatrixAt(t,e){return e.toArray(this.instanceMatrix.array,t*16),this}setMorphAt(t,e){let n=e.morphTargetInfluences,i=n.length+1;this.morphTexture===null&&(this.morphTexture=new ao(new Float32Array(i*this.count),i,this.count,Al,Bn));let r=this.morphTexture.source.data.data,o=0;for(let c=0;c<n.length;c++)o+=n[c];let a=this.geometry.morphTargetsRelative?1:1-o,l=i*t;return r[l]=a,r.set(n,l+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},hs=new $e,v0=new ct(.5,.5),Ma=new A,zi=class{constructor(t=new Ce,e=new Ce,n=new Ce,i=new Ce,r=new Ce,o=new Ce){this.planes=[t,e,n,i,r,o]}set(t,e,n,i,r,o){let a=this.planes;return a[0].copy(t),a[1].copy(e),a[2].copy(n),a[3].copy(i),a[4].copy(r),a[5].copy(o),this}copy(t){let e=this.planes;for(let n=0;n<6;n++)e[n].copy(t.planes[n]);return this}setFromProjectionMatrix(t,e=Un,n=!1){let i=this.planes,r=t.elements,o=r[0],a=r[1],l=r[2],c=r[3],h=r[4],u=r[5],d=r[6],f=r[7],p=r[8],y=r[9],m=r[10],g=r[11],_=r[12],b=r[13],v=r[14],S=r[15];if(i[0].setComponents(c-o,f-h,g-p,S-_).normalize(),i[1].setComponents(c+o,f+h,g+p,S+_).normalize(),i[2].setComponents(c+a,f+u,g+y,S+b).normalize(),i[3].setComponents(c-a,f-u,g-y,S-b).normalize(),n)i[4].setComponents(l,d,m,v).normalize(),i[5].setComponents(c-l,f-d,g-m,S-v).normalize();else if(i[4].setComponents(c-l,f-d,g-m,S-v).normalize(),e===Un)i[5].setComponents(c+l,f+d,g+m,S+v).normalize();else if(e===Ks)i[5].setComponents(l,d,m,v).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+e);return this}intersectsObject(t){if(t.boundingSphere!==void 0)t.boundingSphere===null&&t.computeBoundingSphere(),hs.copy(t.boundingSphere).applyMatrix4(t.matrixWorld);else{let e=t.geometry;e.boundingSphere===null&&e.computeBoundingSphere(),hs.copy(e.boundingSphere).applyMatrix4(t.matrixWorld)}return this.intersectsSphere(hs)}intersectsSprite(t){hs.center.set(0,0,0);let e=v0.distanceTo(t.center);return hs.radius=.7071067811865476+e,hs.applyMatrix4(t.matrixWorld),this.intersectsSphere(hs)}intersectsSphere(t){let e=this.planes,n=t.center,i=-t.radius;for(let r=0;r<6;r++)if(e[r].distanceToPoint(n)<i)return!1;return!0}intersectsBox(t){let e=this.planes;for(let n=0;n<6;n++){let i=e[n];if(Ma.x=i.normal.x>0?t.max.x:t.min.x,Ma.y=i.normal.y>0?t.max.y:t.min.y,Ma.z=i.normal.z>0?t.max.z:t.min.z,i.distanceToPoint(Ma)<0)return!1}return!0}containsPoint(t){let e=this.planes;for(let n=0;n<6;n++)if(e[n].distanceToPoint(t)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},Of=new St,Za=class s{constructor(){this.coordinateSystem=Un,this._frustums=[],this._count=0}setFromArrayCamera(t){let e=t.cameras,n=this._frustums;for(let i=0;i<e.length;i++){let r=e[i];Of.multiplyMatrices(r.projectionMatrix,r.matrixWorldInverse),n[i]===void 0&&(n[i]=new zi),n[i].setFromProjectionMatrix(Of,r.coordinateSystem,r.reversedDepth)}return this._count=e.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let e=this._frustums;for(let n=0;n<this._count;n++)if(e[n].intersectsObject(t))return!0;return!1}intersectsSprite(t){let e=this._frustums;for(let n=0;n<this._count;n++)if(e[n].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let e=this._frustums;for(let n=0;n<this._count;n++)if(e[n].intersectsSphere(t))return!0;return!1}intersectsBox(t){let e=this._frustums;for(let n=0;n<this._count;n++)if(e[n].intersectsBox(t))return!0;return!1}containsPoint(t){let e=this._frustums;for(let n=0;n<this._count;n++)if(e[n].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let e=this._frustums,n=t._frustums;for(let i=0;i<t._count;i++)e[i]===void 0&&(e[i]=new zi),e[i].copy(n[i]);return this._count=t._count,this}clone(){return new s().copy(this)}};var En=class extends ri{constructor(t){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new Ot(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.linewidth=t.linewidth,this.linecap=t.linecap,this.linejoin=t.linejoin,this.fog=t.fog,this}},Ka=new A,Ja=new A,Ff=new St,$r=new Mn,Ea=new $e,Zh=new A,kf=new A,nr=class extends Xe{constructor(t=new se,e=new En){super(),this.isLine=!0,this.type="Line",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,n=[0];for(let i=1,r=e.count;i<r;i++)Ka.fromBufferAttribute(e,i-1),Ja.fromBufferAttribute(e,i),n[i]=n[i-1],n[i]+=Ka.distanceTo(Ja);t.setAttribute("lineDistance",new Se(n,1))}else Rt("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let n=this.geometry,i=this.matrixWorld,r=t.params.Line.threshold,o=n.drawRange;if(n.boundingSphere===null&&n.computeBoundingSphere(),Ea.copy(n.boundingSphere),Ea.applyMatrix4(i),Ea.radius+=r,t.ray.intersectsSphere(Ea)===!1)return;Ff.copy(i).invert(),$r.copy(t.ray).applyMatrix4(Ff);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=this.isLineSegments?2:1,h=n.index,d=n.attributes.position;if(h!==null){let f=Math.max(0,o.start),p=Math.min(h.count,o.start+o.count);for(let y=f,m=p-1;y<m;y+=c){let g=h.getX(y),_=h.getX(y+1),b=Ta(this,t,$r,l,g,_,y);b&&e.push(b)}if(this.isLineLoop){let y=h.getX(p-1),m=h.getX(f),g=Ta(this,t,$r,l,y,m,p-1);g&&e.push(g)}}else{let f=Math.max(0,o.start),p=Math.min(d.count,o.start+o.count);for(let y=f,m=p-1;y<m;y+=c){let g=Ta(this,t,$r,l,y,y+1,y);g&&e.push(g)}if(this.isLineLoop){let y=Ta(this,t,$r,l,p-1,f,p-1);y&&e.push(y)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,n=Object.keys(e);if(n.length>0){let i=e[n[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=i.length;r<o;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function Ta(s,t,e,n,i,r,o){let a=s.geometry.attributes.position;if(Ka.fromBufferAttribute(a,i),Ja.fromBufferAttribute(a,r),e.distanceSqToSegment(Ka,Ja,Zh,kf)>n)return;Zh.applyMatrix4(s.matrixWorld);let c=t.ray.origin.distanceTo(Zh);if(!(c<t.near||c>t.far))return{distance:c,point:kf.clone().applyMatrix4(s.matrixWorld),index:o,face:null,faceIndex:null,barycoord:null,object:s}}var Bf=new A,zf=new A,Yn=class extends nr{constructor(t,e){super(t,e),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,n=[];for(let i=0,r=e.count;i<r;i+=2)Bf.fromBufferAttribute(e,i),zf.fromBufferAttribute(e,i+1),n[i]=i===0?0:n[i-1],n[i+1]=n[i]+Bf.distanceTo(zf);t.setAttribute("lineDistance",new Se(n,1))}else Rt("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}};var ir=class extends ri{constructor(t){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new Ot(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.alphaMap=t.alphaMap,this.size=t.size,this.sizeAttenuation=t.sizeAttenuation,this.fog=t.fog,this}},Vf=new St,ru=new Mn,Aa=new $e,Ca=new A,sr=class extends Xe{constructor(t=new se,e=new ir){super(),this.isPoints=!0,this.type="Points",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let n=this.geometry,i=this.matrixWorld,r=t.params.Points.threshold,o=n.drawRange;if(n.boundingSphere===null&&n.computeBoundingSphere(),Aa.copy(n.boundingSphere),Aa.applyMatrix4(i),Aa.radius+=r,t.ray.intersectsSphere(Aa)===!1)return;Vf.copy(i).invert(),ru.copy(t.ray).applyMatrix4(Vf);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=n.index,u=n.attributes.position;if(c!==null){let d=Math.max(0,o.start),f=Math.min(c.count,o.start+o.count);for(let p=d,y=f;p<y;p++){let m=c.getX(p);Ca.fromBufferAttribute(u,m),Hf(Ca,m,l,i,t,e,this)}}else{let d=Math.max(0,o.start),f=Math.min(u.count,o.start+o.count);for(let p=d,y=f;p<y;p++)Ca.fromBufferAttribute(u,p),Hf(Ca,p,l,i,t,e,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,n=Object.keys(e);if(n.length>0){let i=e[n[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=i.length;r<o;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function Hf(s,t,e,n,i,r,o){let a=ru.distanceSqToPoint(s);if(a<e){let l=new A;ru.closestPointToPoint(s,l),l.applyMatrix4(n);let c=i.ray.origin.distanceTo(l);if(c<i.near||c>i.far)return;r.push({distance:c,distanceToRay:Math.sqrt(a),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:o})}}var co=class extends gn{constructor(t=[],e=bs,n,i,r,o,a,l,c,h){super(t,e,n,i,r,o,a,l,c,h),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(t){this.image=t}};var Ei=class extends gn{constructor(t,e,n=Kn,i,r,o,a=qe,l=qe,c,h=Si,u=1){if(h!==Si&&h!==Ai)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let d={width:t,height:e,depth:u};super(d,i,r,o,a,l,h,n,c),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(t){return super.copy(t),this.source=new Qs(Object.assign({},t.image)),this.compareFunction=t.compareFunction,this}toJSON(t){let e=super.toJSON(t);return e.compareFunction=this.compareFunction,e}},ho=class extends Ei{constructor(t,e=Kn,n=bs,i,r,o=qe,a=qe,l,c=Si){let h={width:t,height:t,depth:1},u=[h,h,h,h,h,h];super(t,t,e,n,i,r,o,a,l,c),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(t){this.image=t}},uo=class extends gn{constructor(t=null){super(),this.sourceTexture=t,this.isExternalTexture=!0}copy(t){return super.copy(t),this.sourceTexture=t.sourceTexture,this}},rr=class s extends se{constructor(t=1,e=1,n=1,i=1,r=1,o=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:e,depth:n,widthSegments:i,heightSegments:r,depthSegments:o};let a=this;i=Math.floor(i),r=Math.floor(r),o=Math.floor(o);let l=[],c=[],h=[],u=[],d=0,f=0;p("z","y","x",-1,-1,n,e,t,o,r,0),p("z","y","x",1,-1,n,e,-t,o,r,1),p("x","z","y",1,1,t,n,e,i,o,2),p("x","z","y",1,-1,t,n,-e,i,o,3),p("x","y","z",1,-1,t,e,n,i,r,4),p("x","y","z",-1,-1,t,e,-n,i,r,5),this.setIndex(l),this.setAttribute("position",new Se(c,3)),this.setAttribute("normal",new Se(h,3)),this.setAttribute("uv",new Se(u,2));function p(y,m,g,_,b,v,S,T,x,w,N){let C=v/x,L=S/w,R=v/2,U=S/2,I=T/2,k=x+1,H=w+1,G=0,tt=0,q=new A;for(let j=0;j<H;j++){let Q=j*L-U;for(let _t=0;_t<k;_t++){let Nt=_t*C-R;q[y]=Nt*_,q[m]=Q*b,q[g]=I,c.push(q.x,q.y,q.z),q[y]=0,q[m]=0,q[g]=T>0?1:-1,h.push(q.x,q.y,q.z),u.push(_t/x),u.push(1-j/w),G+=1}}for(let j=0;j<w;j++)for(let Q=0;Q<x;Q++){let _t=d+Q+k*j,Nt=d+Q+k*(j+1),Z=d+(Q+1)+k*(j+1),ht=d+(Q+1)+k*j;l.push(_t,Nt,ht),l.push(Nt,Z,ht),tt+=6}a.addGroup(f,tt,N),f+=tt,d+=G}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}};var or=class s extends se{constructor(t=1,e=1,n=1,i=32,r=1,o=!1,a=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:e,height:n,radialSegments:i,heightSegments:r,openEnded:o,thetaStart:a,thetaLength:l};let c=this;i=Math.floor(i),r=Math.floor(r);let h=[],u=[],d=[],f=[],p=0,y=[],m=n/2,g=0;_(),o===!1&&(t>0&&b(!0),e>0&&b(!1)),this.setIndex(h),this.setAttribute("position",new Se(u,3)),this.setAttribute("normal",new Se(d,3)),this.setAttribute("uv",new Se(f,2));function _(){let v=new A,S=new A,T=0,x=(e-t)/n;for(let w=0;w<=r;w++){let N=[],C=w/r,L=C*(e-t)+t;for(let R=0;R<=i;R++){let U=R/i,I=U*l+a,k=Math.sin(I),H=Math.cos(I);S.x=L*k,S.y=-C*n+m,S.z=L*H,u.push(S.x,S.y,S.z),v.set(k,x,H).normalize(),d.push(v.x,v.y,v.z),f.push(U,1-C),N.push(p++)}y.push(N)}for(let w=0;w<i;w++)for(let N=0;N<r;N++){let C=y[N][w],L=y[N+1][w],R=y[N+1][w+1],U=y[N][w+1];(t>0||N!==0)&&(h.push(C,L,U),T+=3),(e>0||N!==r-1)&&(h.push(L,R,U),T+=3)}c.addGroup(g,T,0),g+=T}function b(v){let S=p,T=new ct,x=new A,w=0,N=v===!0?t:e,C=v===!0?1:-1;for(let R=1;R<=i;R++)u.push(0,m*C,0),d.push(0,C,0),f.push(.5,.5),p++;let L=p;for(let R=0;R<=i;R++){let I=R/i*l+a,k=Math.cos(I),H=Math.sin(I);x.x=N*H,x.y=m*C,x.z=N*k,u.push(x.x,x.y,x.z),d.push(0,C,0),T.x=k*.5+.5,T.y=H*.5*C+.5,f.push(T.x,T.y),p++}for(let R=0;R<i;R++){let U=S+R,I=L+R;v===!0?h.push(I,I+1,U):h.push(I+1,I,U),w+=3}c.addGroup(g,w,v===!0?1:2),g+=w}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},fs=class s extends or{constructor(t=1,e=1,n=32,i=1,r=!1,o=0,a=Math.PI*2){super(0,t,e,n,i,r,o,a),this.type="ConeGeometry",this.parameters={radius:t,height:e,radialSegments:n,heightSegments:i,openEnded:r,thetaStart:o,thetaLength:a}}static fromJSON(t){return new s(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}};var Fn=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Rt("Curve: .getPoint() not implemented.")}getPointAt(t,e){let n=this.getUtoTmapping(t);return this.getPoint(n,e)}getPoints(t=5){let e=[];for(let n=0;n<=t;n++)e.push(this.getPoint(n/t));return e}getSpacedPoints(t=5){let e=[];for(let n=0;n<=t;n++)e.push(this.getPointAt(n/t));return e}getLength(){let t=this.getLengths();return t[t.length-1]}getLengths(t=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===t+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let e=[],n,i=this.getPoint(0),r=0;e.push(0);for(let o=1;o<=t;o++)n=this.getPoint(o/t),r+=n.distanceTo(i),e.push(r),i=n;return this.cacheArcLengths=e,e}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(t,e=null){let n=this.getLengths(),i=0,r=n.length,o;e?o=e:o=t*n[r-1];let a=0,l=r-1,c;for(;a<=l;)if(i=Math.floor(a+(l-a)/2),c=n[i]-o,c<0)a=i+1;else if(c>0)l=i-1;else{l=i;break}if(i=l,n[i]===o)return i/(r-1);let h=n[i],d=n[i+1]-h,f=(o-h)/d;return(i+f)/(r-1)}getTangent(t,e){let i=t-1e-4,r=t+1e-4;i<0&&(i=0),r>1&&(r=1);let o=this.getPoint(i),a=this.getPoint(r),l=e||(o.isVector2?new ct:new A);return l.copy(a).sub(o).normalize(),l}getTangentAt(t,e){let n=this.getUtoTmapping(t);return this.getTangent(n,e)}computeFrenetFrames(t,e=!1){let n=new A,i=[],r=[],o=[],a=new A,l=new St;for(let f=0;f<=t;f++){let p=f/t;i[f]=this.getTangentAt(p,new A)}r[0]=new A,o[0]=new A;let c=Number.MAX_VALUE,h=Math.abs(i[0].x),u=Math.abs(i[0].y),d=Math.abs(i[0].z);h<=c&&(c=h,n.set(1,0,0)),u<=c&&(c=u,n.set(0,1,0)),d<=c&&n.set(0,0,1),a.crossVectors(i[0],n).normalize(),r[0].crossVectors(i[0],a),o[0].crossVectors(i[0],r[0]);for(let f=1;f<=t;f++){if(r[f]=r[f-1].clone(),o[f]=o[f-1].clone(),a.crossVectors(i[f-1],i[f]),a.length()>Number.EPSILON){a.normalize();let p=Math.acos(Dt(i[f-1].dot(i[f]),-1,1));r[f].applyMatrix4(l.makeRotationAxis(a,p))}o[f].crossVectors(i[f],r[f])}if(e===!0){let f=Math.acos(Dt(r[0].dot(r[t]),-1,1));f/=t,i[0].dot(a.crossVectors(r[0],r[t]))>0&&(f=-f);for(let p=1;p<=t;p++)r[p].applyMatrix4(l.makeRotationAxis(i[p],f*p)),o[p].crossVectors(i[p],r[p])}return{tangents:i,normals:r,binormals:o}}clone(){return new this.constructor().copy(this)}copy(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let t={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return t.arcLengthDivisions=this.arcLengthDivisions,t.type=this.type,t}fromJSON(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}},fo=class extends Fn{constructor(t=0,e=0,n=1,i=1,r=0,o=Math.PI*2,a=!1,l=0){super(),this.isEllipseCurve=!0,this.type="EllipseCurve",this.aX=t,this.aY=e,this.xRadius=n,this.yRadius=i,this.aStartAngle=r,this.aEndAngle=o,this.aClockwise=a,this.aRotation=l}getPoint(t,e=new ct){let n=e,i=Math.PI*2,r=this.aEndAngle-this.aStartAngle,o=Math.abs(r)<Number.EPSILON;for(;r<0;)r+=i;for(;r>i;)r-=i;r<Number.EPSILON&&(o?r=0:r=i),this.aClockwise===!0&&!o&&(r===i?r=-i:r=r-i);let a=this.aStartAngle+t*r,l=this.aX+this.xRadius*Math.cos(a),c=this.aY+this.yRadius*Math.sin(a);if(this.aRotation!==0){let h=Math.cos(this.aRotation),u=Math.sin(this.aRotation),d=l-this.aX,f=c-this.aY;l=d*h-f*u+this.aX,c=d*u+f*h+this.aY}return n.set(l,c)}copy(t){return super.copy(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}toJSON(){let t=super.toJSON();return t.aX=this.aX,t.aY=this.aY,t.xRadius=this.xRadius,t.yRadius=this.yRadius,t.aStartAngle=this.aStartAngle,t.aEndAngle=this.aEndAngle,t.aClockwise=this.aClockwise,t.aRotation=this.aRotation,t}fromJSON(t){return super.fromJSON(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}},ja=class extends fo{constructor(t,e,n,i,r,o){super(t,e,n,n,i,r,o),this.isArcCurve=!0,this.type="ArcCurve"}};function Hu(){let s=0,t=0,e=0,n=0;function i(r,o,a,l){s=r,t=a,e=-3*r+3*o-2*a-l,n=2*r-2*o+a+l}return{initCatmullRom:function(r,o,a,l,c){i(o,a,c*(a-r),c*(l-o))},initNonuniformCatmullRom:function(r,o,a,l,c,h,u){let d=(o-r)/c-(a-r)/(c+h)+(a-o)/h,f=(a-o)/h-(l-o)/(h+u)+(l-a)/u;d*=h,f*=h,i(o,a,d,f)},calc:function(r){let o=r*r,a=o*r;return s+t*r+e*o+n*a}}}var Gf=new A,Wf=new A,Kh=new Hu,Jh=new Hu,jh=new Hu,ps=class extends Fn{constructor(t=[],e=!1,n="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=t,this.closed=e,this.curveType=n,this.tension=i}getPoint(t,e=new A){let n=e,i=this.points,r=i.length,o=(r-(this.closed?0:1))*t,a=Math.floor(o),l=o-a;this.closed?a+=a>0?0:(Math.floor(Math.abs(a)/r)+1)*r:l===0&&a===r-1&&(a=r-2,l=1);let c,h;this.closed||a>0?c=i[(a-1)%r]:(Wf.subVectors(i[0],i[1]).add(i[0]),c=Wf);let u=i[a%r],d=i[(a+1)%r];if(this.closed||a+2<r?h=i[(a+2)%r]:(Gf.subVectors(i[r-1],i[r-2]).add(i[r-1]),h=Gf),this.curveType==="centripetal"||this.curveType==="chordal"){let f=this.curveType==="chordal"?.5:.25,p=Math.pow(c.distanceToSquared(u),f),y=Math.pow(u.distanceToSquared(d),f),m=Math.pow(d.distanceToSquared(h),f);y<1e-4&&(y=1),p<1e-4&&(p=y),m<1e-4&&(m=y),Kh.initNonuniformCatmullRom(c.x,u.x,d.x,h.x,p,y,m),Jh.initNonuniformCatmullRom(c.y,u.y,d.y,h.y,p,y,m),jh.initNonuniformCatmullRom(c.z,u.z,d.z,h.z,p,y,m)}else this.curveType==="catmullrom"&&(Kh.initCatmullRom(c.x,u.x,d.x,h.x,this.tension),Jh.initCatmullRom(c.y,u.y,d.y,h.y,this.tension),jh.initCatmullRom(c.z,u.z,d.z,h.z,this.tension));return n.set(Kh.calc(l),Jh.calc(l),jh.calc(l)),n}copy(t){super.copy(t),this.points=[];for(let e=0,n=t.points.length;e<n;e++){let i=t.points[e];this.points.push(i.clone())}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,n=this.points.length;e<n;e++){let i=this.points[e];t.points.push(i.toArray())}return t.closed=this.closed,t.curveType=this.curveType,t.tension=this.tension,t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,n=t.points.length;e<n;e++){let i=t.points[e];this.points.push(new A().fromArray(i))}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}};function qf(s,t,e,n,i){let r=(n-t)*.5,o=(i-e)*.5,a=s*s,l=s*a;return(2*e-2*n+r+o)*l+(-3*e+3*n-2*r-o)*a+r*s+e}function b0(s,t){let e=1-s;return e*e*t}function w0(s,t){return 2*(1-s)*s*t}function S0(s,t){return s*s*t}function jr(s,t,e,n){return b0(s,t)+w0(s,e)+S0(s,n)}function M0(s,t){let e=1-s;return e*e*e*t}function E0(s,t){let e=1-s;return 3*e*e*s*t}function T0(s,t){return 3*(1-s)*s*s*t}function A0(s,t){return s*s*s*t}function Qr(s,t,e,n,i){return M0(s,t)+E0(s,e)+T0(s,n)+A0(s,i)}var Qa=class extends Fn{constructor(t=new ct,e=new ct,n=new ct,i=new ct){super(),this.isCubicBezierCurve=!0,this.type="CubicBezierCurve",this.v0=t,this.v1=e,this.v2=n,this.v3=i}getPoint(t,e=new ct){let n=e,i=this.v0,r=this.v1,o=this.v2,a=this.v3;return n.set(Qr(t,i.x,r.x,o.x,a.x),Qr(t,i.y,r.y,o.y,a.y)),n}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},tl=class extends Fn{constructor(t=new A,e=new A,n=new A,i=new A){super(),this.isCubicBezierCurve3=!0,this.type="CubicBezierCurve3",this.v0=t,this.v1=e,this.v2=n,this.v3=i}getPoint(t,e=new A){let n=e,i=this.v0,r=this.v1,o=this.v2,a=this.v3;return n.set(Qr(t,i.x,r.x,o.x,a.x),Qr(t,i.y,r.y,o.y,a.y),Qr(t,i.z,r.z,o.z,a.z)),n}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},el=class extends Fn{constructor(t=new ct,e=new ct){super(),this.isLineCurve=!0,this.type="LineCurve",this.v1=t,this.v2=e}getPoint(t,e=new ct){let n=e;return t===1?n.copy(this.v2):(n.copy(this.v2).sub(this.v1),n.multiplyScalar(t).add(this.v1)),n}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new ct){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},nl=class extends Fn{constructor(t=new A,e=new A){super(),this.isLineCurve3=!0,this.type="LineCurve3",this.v1=t,this.v2=e}getPoint(t,e=new A){let n=e;return t===1?n.copy(this.v2):(n.copy(this.v2).sub(this.v1),n.multiplyScalar(t).add(this.v1)),n}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new A){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},il=class extends Fn{constructor(t=new ct,e=new ct,n=new ct){super(),this.isQuadraticBezierCurve=!0,this.type="QuadraticBezierCurve",this.v0=t,this.v1=e,this.v2=n}getPoint(t,e=new ct){let n=e,i=this.v0,r=this.v1,o=this.v2;return n.set(jr(t,i.x,r.x,o.x),jr(t,i.y,r.y,o.y)),n}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},po=class extends Fn{constructor(t=new A,e=new A,n=new A){super(),this.isQuadraticBezierCurve3=!0,this.type="QuadraticBezierCurve3",this.v0=t,this.v1=e,this.v2=n}getPoint(t,e=new A){let n=e,i=this.v0,r=this.v1,o=this.v2;return n.set(jr(t,i.x,r.x,o.x),jr(t,i.y,r.y,o.y),jr(t,i.z,r.z,o.z)),n}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},sl=class extends Fn{constructor(t=[]){super(),this.isSplineCurve=!0,this.type="SplineCurve",this.points=t}getPoint(t,e=new ct){let n=e,i=this.points,r=(i.length-1)*t,o=Math.floor(r),a=r-o,l=i[o===0?o:o-1],c=i[o],h=i[o>i.length-2?i.length-1:o+1],u=i[o>i.length-3?i.length-1:o+2];return n.set(qf(a,l.x,c.x,h.x,u.x),qf(a,l.y,c.y,h.y,u.y)),n}copy(t){super.copy(t),this.points=[];for(let e=0,n=t.points.length;e<n;e++){let i=t.points[e];this.points.push(i.clone())}return this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,n=this.points.length;e<n;e++){let i=this.points[e];t.points.push(i.toArray())}return t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,n=t.points.length;e<n;e++){let i=t.points[e];this.points.push(new ct().fromArray(i))}return this}},C0=Object.freeze({__proto__:null,ArcCurve:ja,CatmullRomCurve3:ps,CubicBezierCurve:Qa,CubicBezierCurve3:tl,EllipseCurve:fo,LineCurve:el,LineCurve3:nl,QuadraticBezierCurve:il,QuadraticBezierCurve3:po,SplineCurve:sl});function R0(s,t,e=2){let n=t&&t.length,i=n?t[0]*e:s.length,r=qp(s,0,i,e,!0),o=[];if(!r||r.next===r.prev)return o;let a,l,c;if(n&&(r=D0(s,t,r,e)),s.length>80*e){a=s[0],l=s[1];let h=a,u=l;for(let d=e;d<i;d+=e){let f=s[d],p=s[d+1];f<a&&(a=f),p<l&&(l=p),f>h&&(h=f),p>u&&(u=p)}c=Math.max(h-a,u-l),c=c!==0?32767/c:0}return mo(r,o,e,a,l,c,0),o}function qp(s,t,e,n,i){let r;if(i===q0(s,t,e,n)>0)for(let o=t;o<e;o+=n)r=Xf(o/n|0,s[o],s[o+1],r);else for(let o=e-n;o>=t;o-=n)r=Xf(o/n|0,s[o],s[o+1],r);return r&&ar(r,r.next)&&(yo(r),r=r.next),r}function ms(s,t){if(!s)return s;t||(t=s);let e=s,n;do if(n=!1,!e.steiner&&(ar(e,e.next)||we(e.prev,e,e.next)===0)){if(yo(e),e=t=e.prev,e===e.next)break;n=!0}else e=e.next;while(n||e!==t);return t}function mo(s,t,e,n,i,r,o){if(!s)return;!o&&r&&B0(s,n,i,r);let a=s;for(;s.prev!==s.next;){let l=s.prev,c=s.next;if(r?I0(s,n,i,r):P0(s)){t.push(l.i,s.i,c.i),yo(s),s=c.next,a=c.next;continue}if(s=c,s===a){o?o===1?(s=L0(ms(s),t),mo(s,t,e,n,i,r,2)):o===2&&N0(s,t,e,n,i,r):mo(ms(s),t,e,n,i,r,1);break}}}function P0(s){let t=s.prev,e=s,n=s.next;if(we(t,e,n)>=0)return!1;let i=t.x,r=e.x,o=n.x,a=t.y,l=e.y,c=n.y,h=Math.min(i,r,o),u=Math.min(a,l,c),d=Math.max(i,r,o),f=Math.max(a,l,c),p=n.next;for(;p!==t;){if(p.x>=h&&p.x<=d&&p.y>=u&&p.y<=f&&Yr(i,a,r,l,o,c,p.x,p.y)&&we(p.prev,p,p.next)>=0)return!1;p=p.next}return!0}function I0(s,t,e,n){let i=s.prev,r=s,o=s.next;if(we(i,r,o)>=0)return!1;let a=i.x,l=r.x,c=o.x,h=i.y,u=r.y,d=o.y,f=Math.min(a,l,c),p=Math.min(h,u,d),y=Math.max(a,l,c),m=Math.max(h,u,d),g=ou(f,p,t,e,n),_=ou(y,m,t,e,n),b=s.prevZ,v=s.nextZ;for(;b&&b.z>=g&&v&&v.z<=_;){if(b.x>=f&&b.x<=y&&b.y>=p&&b.y<=m&&b!==i&&b!==o&&Yr(a,h,l,u,c,d,b.x,b.y)&&we(b.prev,b,b.next)>=0||(b=b.prevZ,v.x>=f&&v.x<=y&&v.y>=p&&v.y<=m&&v!==i&&v!==o&&Yr(a,h,l,u,c,d,v.x,v.y)&&we(v.prev,v,v.next)>=0))return!1;v=v.nextZ}for(;b&&b.z>=g;){if(b.x>=f&&b.x<=y&&b.y>=p&&b.y<=m&&b!==i&&b!==o&&Yr(a,h,l,u,c,d,b.x,b.y)&&we(b.prev,b,b.next)>=0)return!1;b=b.prevZ}for(;v&&v.z<=_;){if(v.x>=f&&v.x<=y&&v.y>=p&&v.y<=m&&v!==i&&v!==o&&Yr(a,h,l,u,c,d,v.x,v.y)&&we(v.prev,v,v.next)>=0)return!1;v=v.nextZ}return!0}function L0(s,t){let e=s;do{let n=e.prev,i=e.next.next;!ar(n,i)&&$p(n,e,e.next,i)&&go(n,i)&&go(i,n)&&(t.push(n.i,e.i,i.i),yo(e),yo(e.next),e=s=i),e=e.next}while(e!==s);return ms(e)}function N0(s,t,e,n,i,r){let o=s;do{let a=o.next.next;for(;a!==o.prev;){if(o.i!==a.i&&H0(o,a)){let l=Yp(o,a);o=ms(o,o.next),l=ms(l,l.next),mo(o,t,e,n,i,r,0),mo(l,t,e,n,i,r,0);return}a=a.next}o=o.next}while(o!==s)}function D0(s,t,e,n){let i=[];for(let r=0,o=t.length;r<o;r++){let a=t[r]*n,l=r<o-1?t[r+1]*n:s.length,c=qp(s,a,l,n,!1);c===c.next&&(c.steiner=!0),i.push(V0(c))}i.sort(U0);for(let r=0;r<i.length;r++)e=O0(i[r],e);return e}function U0(s,t){let e=s.x-t.x;if(e===0&&(e=s.y-t.y,e===0)){let n=(s.next.y-s.y)/(s.next.x-s.x),i=(t.next.y-t.y)/(t.next.x-t.x);e=n-i}return e}function O0(s,t){let e=F0(s,t);if(!e)return t;let n=Yp(e,s);return ms(n,n.next),ms(e,e.next)}function F0(s,t){let e=t,n=s.x,i=s.y,r=-1/0,o;if(ar(s,e))return e;do{if(ar(s,e.next))return e.next;if(i<=e.y&&i>=e.next.y&&e.next.y!==e.y){let u=e.x+(i-e.y)*(e.next.x-e.x)/(e.next.y-e.y);if(u<=n&&u>r&&(r=u,o=e.x<e.next.x?e:e.next,u===n))return o}e=e.next}while(e!==t);if(!o)return null;let a=o,l=o.x,c=o.y,h=1/0;e=o;do{if(n>=e.x&&e.x>=l&&n!==e.x&&Xp(i<c?n:r,i,l,c,i<c?r:n,i,e.x,e.y)){let u=Math.abs(i-e.y)/(n-e.x);go(e,s)&&(u<h||u===h&&(e.x>o.x||e.x===o.x&&k0(o,e)))&&(o=e,h=u)}e=e.next}while(e!==a);return o}function k0(s,t){return we(s.prev,s,t.prev)<0&&we(t.next,s,s.next)<0}function B0(s,t,e,n){let i=s;do i.z===0&&(i.z=ou(i.x,i.y,t,e,n)),i.prevZ=i.prev,i.nextZ=i.next,i=i.next;while(i!==s);i.prevZ.nextZ=null,i.prevZ=null,z0(i)}function z0(s){let t,e=1;do{let n=s,i;s=null;let r=null;for(t=0;n;){t++;let o=n,a=0;for(let c=0;c<e&&(a++,o=o.nextZ,!!o);c++);let l=e;for(;a>0||l>0&&o;)a!==0&&(l===0||!o||n.z<=o.z)?(i=n,n=n.nextZ,a--):(i=o,o=o.nextZ,l--),r?r.nextZ=i:s=i,i.prevZ=r,r=i;n=o}r.nextZ=null,e*=2}while(t>1);return s}function ou(s,t,e,n,i){return s=(s-e)*i|0,t=(t-n)*i|0,s=(s|s<<8)&16711935,s=(s|s<<4)&252645135,s=(s|s<<2)&858993459,s=(s|s<<1)&1431655765,t=(t|t<<8)&16711935,t=(t|t<<4)&252645135,t=(t|t<<2)&858993459,t=(t|t<<1)&1431655765,s|t<<1}function V0(s){let t=s,e=s;do(t.x<e.x||t.x===e.x&&t.y<e.y)&&(e=t),t=t.next;while(t!==s);return e}function Xp(s,t,e,n,i,r,o,a){return(i-o)*(t-a)>=(s-o)*(r-a)&&(s-o)*(n-a)>=(e-o)*(t-a)&&(e-o)*(r-a)>=(i-o)*(n-a)}function Yr(s,t,e,n,i,r,o,a){return!(s===o&&t===a)&&Xp(s,t,e,n,i,r,o,a)}function H0(s,t){return s.next.i!==t.i&&s.prev.i!==t.i&&!G0(s,t)&&(go(s,t)&&go(t,s)&&W0(s,t)&&(we(s.prev,s,t.prev)||we(s,t.prev,t))||ar(s,t)&&we(s.prev,s,s.next)>0&&we(t.prev,t,t.next)>0)}function we(s,t,e){return(t.y-s.y)*(e.x-t.x)-(t.x-s.x)*(e.y-t.y)}function ar(s,t){return s.x===t.x&&s.y===t.y}function $p(s,t,e,n){let i=Pa(we(s,t,e)),r=Pa(we(s,t,n)),o=Pa(we(e,n,s)),a=Pa(we(e,n,t));return!!(i!==r&&o!==a||i===0&&Ra(s,e,t)||r===0&&Ra(s,n,t)||o===0&&Ra(e,s,n)||a===0&&Ra(e,t,n))}function Ra(s,t,e){return t.x<=Math.max(s.x,e.x)&&t.x>=Math.min(s.x,e.x)&&t.y<=Math.max(s.y,e.y)&&t.y>=Math.min(s.y,e.y)}function Pa(s){return s>0?1:s<0?-1:0}function G0(s,t){let e=s;do{if(e.i!==s.i&&e.next.i!==s.i&&e.i!==t.i&&e.next.i!==t.i&&$p(e,e.next,s,t))return!0;e=e.next}while(e!==s);return!1}function go(s,t){return we(s.prev,s,s.next)<0?we(s,t,s.next)>=0&&we(s,s.prev,t)>=0:we(s,t,s.prev)<0||we(s,s.next,t)<0}function W0(s,t){let e=s,n=!1,i=(s.x+t.x)/2,r=(s.y+t.y)/2;do e.y>r!=e.next.y>r&&e.next.y!==e.y&&i<(e.next.x-e.x)*(r-e.y)/(e.next.y-e.y)+e.x&&(n=!n),e=e.next;while(e!==s);return n}function Yp(s,t){let e=au(s.i,s.x,s.y),n=au(t.i,t.x,t.y),i=s.next,r=t.prev;return s.next=t,t.prev=s,e.next=i,i.prev=e,n.next=e,e.prev=n,r.next=n,n.prev=r,n}function Xf(s,t,e,n){let i=au(s,t,e);return n?(i.next=n.next,i.prev=n,n.next.prev=i,n.next=i):(i.prev=i,i.next=i),i}function yo(s){s.next.prev=s.prev,s.prev.next=s.next,s.prevZ&&(s.prevZ.nextZ=s.nextZ),s.nextZ&&(s.nextZ.prevZ=s.prevZ)}function au(s,t,e){return{i:s,x:t,y:e,prev:null,next:null,z:0,prevZ:null,nextZ:null,steiner:!1}}function q0(s,t,e,n){let i=0;for(let r=t,o=e-n;r<e;r+=n)i+=(s[o]-s[r])*(s[r+1]+s[o+1]),o=r;return i}var lu=class{static triangulate(t,e,n=2){return R0(t,e,n)}},gs=class s{static area(t){let e=t.length,n=0;for(let i=e-1,r=0;r<e;i=r++)n+=t[i].x*t[r].y-t[r].x*t[i].y;return n*.5}static isClockWise(t){return s.area(t)<0}static triangulateShape(t,e){let n=[],i=[],r=[];$f(t),Yf(n,t);let o=t.length;e.forEach($f);for(let l=0;l<e.length;l++)i.push(o),o+=e[l].length,Yf(n,e[l]);let a=lu.triangulate(n,i);for(let l=0;l<a.length;l+=3)r.push(a.slice(l,l+3));return r}};function $f(s){let t=s.length;t>2&&s[t-1].equals(s[0])&&s.pop()}function Yf(s,t){for(let e=0;e<t.length;e++)s.push(t[e].x),s.push(t[e].y)}var xo=class s extends se{constructor(t=1,e=1,n=1,i=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:e,widthSegments:n,heightSegments:i};let r=t/2,o=e/2,a=Math.floor(n),l=Math.floor(i),c=a+1,h=l+1,u=t/a,d=e/l,f=[],p=[],y=[],m=[];for(let g=0;g<h;g++){let _=g*d-o;for(let b=0;b<c;b++){let v=b*u-r;p.push(v,-_,0),y.push(0,0,1),m.push(b/a),m.push(1-g/l)}}for(let g=0;g<l;g++)for(let _=0;_<a;_++){let b=_+c*g,v=_+c*(g+1),S=_+1+c*(g+1),T=_+1+c*g;f.push(b,v,T),f.push(v,S,T)}this.setIndex(f),this.setAttribute("position",new Se(p,3)),this.setAttribute("normal",new Se(y,3)),this.setAttribute("uv",new Se(m,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.widthSegments,t.heightSegments)}};var _o=class s extends se{constructor(t=1,e=.4,n=12,i=48,r=Math.PI*2,o=0,a=Math.PI*2){super(),this.type="TorusGeometry",this.parameters={radius:t,tube:e,radialSegments:n,tubularSegments:i,arc:r,thetaStart:o,thetaLength:a},n=Math.floor(n),i=Math.floor(i);let l=[],c=[],h=[],u=[],d=new A,f=new A,p=new A;for(let y=0;y<=n;y++){let m=o+y/n*a;for(let g=0;g<=i;g++){let _=g/i*r;f.x=(t+e*Math.cos(m))*Math.cos(_),f.y=(t+e*Math.cos(m))*Math.sin(_),f.z=e*Math.sin(m),c.push(f.x,f.y,f.z),d.x=t*Math.cos(_),d.y=t*Math.sin(_),p.subVectors(f,d).normalize(),h.push(p.x,p.y,p.z),u.push(g/i),u.push(y/n)}}for(let y=1;y<=n;y++)for(let m=1;m<=i;m++){let g=(i+1)*y+m-1,_=(i+1)*(y-1)+m-1,b=(i+1)*(y-1)+m,v=(i+1)*y+m;l.push(g,_,v),l.push(_,b,v)}this.setIndex(l),this.setAttribute("position",new Se(c,3)),this.setAttribute("normal",new Se(h,3)),this.setAttribute("uv",new Se(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.radius,t.tube,t.radialSegments,t.tubularSegments,t.arc,t.thetaStart,t.thetaLength)}};var lr=class s extends se{constructor(t=new po(new A(-1,-1,0),new A(-1,1,0),new A(1,1,0)),e=64,n=1,i=8,r=!1){super(),this.type="TubeGeometry",this.parameters={path:t,tubularSegments:e,radius:n,radialSegments:i,closed:r};let o=t.computeFrenetFrames(e,r);this.tangents=o.tangents,this.normals=o.normals,this.binormals=o.binormals;let a=new A,l=new A,c=new ct,h=new A,u=[],d=[],f=[],p=[];y(),this.setIndex(p),this.setAttribute("position",new Se(u,3)),this.setAttribute("normal",new Se(d,3)),this.setAttribute("uv",new Se(f,2));function y(){for(let b=0;b<e;b++)m(b);m(r===!1?e:0),_(),g()}function m(b){h=t.getPointAt(b/e,h);let v=o.normals[b],S=o.binormals[b];for(let T=0;T<=i;T++){let x=T/i*Math.PI*2,w=Math.sin(x),N=-Math.cos(x);l.x=N*v.x+w*S.x,l.y=N*v.y+w*S.y,l.z=N*v.z+w*S.z,l.normalize(),d.push(l.x,l.y,l.z),a.x=h.x+n*l.x,a.y=h.y+n*l.y,a.z=h.z+n*l.z,u.push(a.x,a.y,a.z)}}function g(){for(let b=1;b<=e;b++)for(let v=1;v<=i;v++){let S=(i+1)*(b-1)+(v-1),T=(i+1)*b+(v-1),x=(i+1)*b+v,w=(i+1)*(b-1)+v;p.push(S,T,w),p.push(T,x,w)}}function _(){for(let b=0;b<=e;b++)for(let v=0;v<=i;v++)c.x=b/e,c.y=v/i,f.push(c.x,c.y)}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}toJSON(){let t=super.toJSON();return t.path=this.parameters.path.toJSON(),t}static fromJSON(t){return new s(new C0[t.path.type]().fromJSON(t.path),t.tubularSegments,t.radius,t.radialSegments,t.closed)}};function Ss(s){let t={};for(let e in s){t[e]={};for(let n in s[e]){let i=s[e][n];if(Zf(i))i.isRenderTargetTexture?(Rt("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[e][n]=null):t[e][n]=i.clone();else if(Array.isArray(i))if(Zf(i[0])){let r=[];for(let o=0,a=i.length;o<a;o++)r[o]=i[o].clone();t[e][n]=r}else t[e][n]=i.slice();else t[e][n]=i}}return t}function rn(s){let t={};for(let e=0;e<s.length;e++){let n=Ss(s[e]);for(let i in n)t[i]=n[i]}return t}function Zf(s){return s&&(s.isColor||s.isMatrix3||s.isMatrix4||s.isVector2||s.isVector3||s.isVector4||s.isTexture||s.isQuaternion)}function X0(s){let t=[];for(let e=0;e<s.length;e++)t.push(s[e].clone());return t}function Gu(s){let t=s.getRenderTarget();return t===null?s.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:$t.workingColorSpace}var Zp={clone:Ss,merge:rn},$0=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Y0=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,oi=class extends ri{constructor(t){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=$0,this.fragmentShader=Y0,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,t!==void 0&&this.setValues(t)}copy(t){return super.copy(t),this.fragmentShader=t.fragmentShader,this.vertexShader=t.vertexShader,this.uniforms=Ss(t.uniforms),this.uniformsGroups=X0(t.uniformsGroups),this.defines=Object.assign({},t.defines),this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.fog=t.fog,this.lights=t.lights,this.clipping=t.clipping,this.extensions=Object.assign({},t.extensions),this.glslVersion=t.glslVersion,this.defaultAttributeValues=Object.assign({},t.defaultAttributeValues),this.index0AttributeName=t.index0AttributeName,this.uniformsNeedUpdate=t.uniformsNeedUpdate,this}toJSON(t){let e=super.toJSON(t);e.glslVersion=this.glslVersion,e.uniforms={};for(let i in this.uniforms){let o=this.uniforms[i].value;o&&o.isTexture?e.uniforms[i]={type:"t",value:o.toJSON(t).uuid}:o&&o.isColor?e.uniforms[i]={type:"c",value:o.getHex()}:o&&o.isVector2?e.uniforms[i]={type:"v2",value:o.toArray()}:o&&o.isVector3?e.uniforms[i]={type:"v3",value:o.toArray()}:o&&o.isVector4?e.uniforms[i]={type:"v4",value:o.toArray()}:o&&o.isMatrix3?e.uniforms[i]={type:"m3",value:o.toArray()}:o&&o.isMatrix4?e.uniforms[i]={type:"m4",value:o.toArray()}:e.uniforms[i]={value:o}}Object.keys(this.defines).length>0&&(e.defines=this.defines),e.vertexShader=this.vertexShader,e.fragmentShader=this.fragmentShader,e.lights=this.lights,e.clipping=this.clipping;let n={};for(let i in this.extensions)this.extensions[i]===!0&&(n[i]=!0);return Object.keys(n).length>0&&(e.extensions=n),e}fromJSON(t,e){if(super.fromJSON(t,e),t.uniforms!==void 0)for(let n in t.uniforms){let i=t.uniforms[n];switch(this.uniforms[n]={},i.type){case"t":this.uniforms[n].value=e[i.value]||null;break;case"c":this.uniforms[n].value=new Ot().setHex(i.value);break;case"v2":this.uniforms[n].value=new ct().fromArray(i.value);break;case"v3":this.uniforms[n].value=new A().fromArray(i.value);break;case"v4":this.uniforms[n].value=new _e().fromArray(i.value);break;case"m3":this.uniforms[n].value=new Ut().fromArray(i.value);break;case"m4":this.uniforms[n].value=new St().fromArray(i.value);break;default:this.uniforms[n].value=i.value}}if(t.defines!==void 0&&(this.defines=t.defines),t.vertexShader!==void 0&&(this.vertexShader=t.vertexShader),t.fragmentShader!==void 0&&(this.fragmentShader=t.fragmentShader),t.glslVersion!==void 0&&(this.glslVersion=t.glslVersion),t.extensions!==void 0)for(let n in t.extensions)this.extensions[n]=t.extensions[n];return t.lights!==void 0&&(this.lights=t.lights),t.clipping!==void 0&&(this.clipping=t.clipping),this}},rl=class extends oi{constructor(t){super(t),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}};var cr=class extends ri{constructor(t){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new Ot(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new Ot(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=ac,this.normalScale=new ct(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Mi,this.combine=vl,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.emissive.copy(t.emissive),this.emissiveMap=t.emissiveMap,this.emissiveIntensity=t.emissiveIntensity,this.bumpMap=t.bumpMap,this.bumpScale=t.bumpScale,this.normalMap=t.normalMap,this.normalMapType=t.normalMapType,this.normalScale.copy(t.normalScale),this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.envMapIntensity=t.envMapIntensity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.flatShading=t.flatShading,this.fog=t.fog,this}},ol=class extends ri{constructor(t){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=Rp,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(t)}copy(t){return super.copy(t),this.depthPacking=t.depthPacking,this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this}},al=class extends ri{constructor(t){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(t)}copy(t){return super.copy(t),this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this}};var ys=class extends En{constructor(t){super(),this.isLineDashedMaterial=!0,this.type="LineDashedMaterial",this.scale=1,this.dashSize=3,this.gapSize=1,this.setValues(t)}copy(t){return super.copy(t),this.scale=t.scale,this.dashSize=t.dashSize,this.gapSize=t.gapSize,this}};function Hs(s,t){return!s||s.constructor===t?s:typeof t.BYTES_PER_ELEMENT=="number"?new t(s):Array.prototype.slice.call(s)}function Ia(s){return s!==void 0&&s.inTangents!==void 0&&s.outTangents!==void 0}var Vi=class{constructor(t,e,n,i){this.parameterPositions=t,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new e.constructor(n),this.sampleValues=e,this.valueSize=n,this.settings=null,this.DefaultSettings_={}}evaluate(t){let e=this.parameterPositions,n=this._cachedIndex,i=e[n],r=e[n-1];n:{t:{let o;e:{i:if(!(t<i)){for(let a=n+2;;){if(i===void 0){if(t<r)break i;return n=e.length,this._cachedIndex=n,this.copySampleValue_(n-1)}if(n===a)break;if(r=i,i=e[++n],t<i)break t}o=e.length;break e}if(!(t>=r)){let a=e[1];t<a&&(n=2,r=a);for(let l=n-2;;){if(r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(n===l)break;if(i=r,r=e[--n-1],t>=r)break t}o=n,n=0;break e}break n}for(;n<o;){let a=n+o>>>1;t<e[a]?o=a:n=a+1}if(i=e[n],r=e[n-1],r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return n=e.length,this._cachedIndex=n,this.copySampleValue_(n-1)}this._cachedIndex=n,this.intervalChanged_(n,r,i)}return this.interpolate_(n,r,t,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(t){let e=this.resultBuffer,n=this.sampleValues,i=this.valueSize,r=t*i;for(let o=0;o!==i;++o)e[o]=n[r+o];return e}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},ll=class extends Vi{constructor(t,e,n,i){super(t,e,n,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:nu,endingEnd:nu}}intervalChanged_(t,e,n){let i=this.parameterPositions,r=t-2,o=t+1,a=i[r],l=i[o];if(a===void 0)switch(this.getSettings_().endingStart){case iu:r=t,a=2*e-n;break;case su:r=i.length-2,a=e+i[r]-i[r+1];break;default:r=t,a=n}if(l===void 0)switch(this.getSettings_().endingEnd){case iu:o=t,l=2*n-e;break;case su:o=1,l=n+i[1]-i[0];break;default:o=t-1,l=e}let c=(n-e)*.5,h=this.valueSize;this._weightPrev=c/(e-a),this._weightNext=c/(l-n),this._offsetPrev=r*h,this._offsetNext=o*h}interpolate_(t,e,n,i){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this._offsetPrev,u=this._offsetNext,d=this._weightPrev,f=this._weightNext,p=(n-e)/(i-e),y=p*p,m=y*p,g=-d*m+2*d*y-d*p,_=(1+d)*m+(-1.5-2*d)*y+(-.5+d)*p+1,b=(-1-f)*m+(1.5+f)*y+.5*p,v=f*m-f*y;for(let S=0;S!==a;++S)r[S]=g*o[h+S]+_*o[c+S]+b*o[l+S]+v*o[u+S];return r}},cl=class extends Vi{constructor(t,e,n,i){super(t,e,n,i)}interpolate_(t,e,n,i){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=(n-e)/(i-e),u=1-h;for(let d=0;d!==a;++d)r[d]=o[c+d]*u+o[l+d]*h;return r}},hl=class extends Vi{constructor(t,e,n,i){super(t,e,n,i)}interpolate_(t){return this.copySampleValue_(t-1)}},ul=class extends Vi{interpolate_(t,e,n,i){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this.inTangents,u=this.outTangents;if(!h||!u){let p=(n-e)/(i-e),y=1-p;for(let m=0;m!==a;++m)r[m]=o[c+m]*y+o[l+m]*p;return r}let d=a*2,f=t-1;for(let p=0;p!==a;++p){let y=o[c+p],m=o[l+p],g=f*d+p*2,_=u[g],b=u[g+1],v=t*d+p*2,S=h[v],T=h[v+1],x=K0(n,e,_,S,i);r[p]=Kp(x,y,b,T,m)}return r}};function Kp(s,t,e,n,i){let r=1-s;return r*r*r*t+3*r*r*s*e+3*r*s*s*n+s*s*s*i}function Z0(s,t,e,n,i){let r=1-s;return 3*r*r*(e-t)+6*r*s*(n-e)+3*s*s*(i-n)}function K0(s,t,e,n,i){let r=(s-t)/(i-t);for(let o=0;o<8;o++){let a=Kp(r,t,e,n,i)-s;if(Math.abs(a)<1e-10)break;let l=Z0(r,t,e,n,i);if(Math.abs(l)<1e-10)break;r=Math.max(0,Math.min(1,r-a/l))}return r}var Tn=class{constructor(t,e,n,i){if(t===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(e===void 0||e.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+t);this.name=t,this.times=Hs(e,this.TimeBufferType),this.values=Hs(n,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(t){let e=t.constructor,n;if(e.toJSON!==this.toJSON)n=e.toJSON(t);else{n={name:t.name,times:Hs(t.times,Array),values:Hs(t.values,Array)};let i=t.getInterpolation();i!==t.DefaultInterpolation&&(n.interpolation=i),Ia(t.settings)&&(n.settings={inTangents:Hs(t.settings.inTangents,Array),outTangents:Hs(t.settings.outTangents,Array)})}return n.type=t.ValueTypeName,n}InterpolantFactoryMethodDiscrete(t){return new hl(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodLinear(t){return new cl(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodSmooth(t){return new ll(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodBezier(t){let e=new ul(this.times,this.values,this.getValueSize(),t);return this.settings&&(e.inTangents=this.settings.inTangents,e.outTangents=this.settings.outTangents),e}setInterpolation(t){let e;switch(t){case to:e=this.InterpolantFactoryMethodDiscrete;break;case qa:e=this.InterpolantFactoryMethodLinear;break;case Ua:e=this.InterpolantFactoryMethodSmooth;break;case eu:e=this.InterpolantFactoryMethodBezier;break}if(e===void 0){let n="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(t!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(n);return Rt("KeyframeTrack:",n),this}return this.createInterpolant=e,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return to;case this.InterpolantFactoryMethodLinear:return qa;case this.InterpolantFactoryMethodSmooth:return Ua;case this.InterpolantFactoryMethodBezier:return eu}}getValueSize(){return this.values.length/this.times.length}shift(t){if(t!==0){let e=this.times;for(let n=0,i=e.length;n!==i;++n)e[n]+=t;Ia(this.settings)&&(Kf(this.settings.inTangents,t),Kf(this.settings.outTangents,t))}return this}scale(t){if(t!==1){let e=this.times;for(let n=0,i=e.length;n!==i;++n)e[n]*=t;Ia(this.settings)&&(Jf(this.settings.inTangents,t),Jf(this.settings.outTangents,t))}return this}trim(t,e){let n=this.times,i=n.length,r=0,o=i-1;for(;r!==i&&n[r]<t;)++r;for(;o!==-1&&n[o]>e;)--o;if(++o,r!==0||o!==i){r>=o&&(o=Math.max(o,1),r=o-1);let a=this.getValueSize();this.times=n.slice(r,o),this.values=this.values.slice(r*a,o*a)}return this}validate(){let t=!0,e=this.getValueSize();e-Math.floor(e)!==0&&(Lt("KeyframeTrack: Invalid value size in track.",this),t=!1);let n=this.times,i=this.values,r=n.length;r===0&&(Lt("KeyframeTrack: Track is empty.",this),t=!1);let o=null;for(let a=0;a!==r;a++){let l=n[a];if(typeof l=="number"&&isNaN(l)){Lt("KeyframeTrack: Time is not a valid number.",this,a,l),t=!1;break}if(o!==null&&o>l){Lt("KeyframeTrack: Out of order keys.",this,a,l,o),t=!1;break}o=l}if(i!==void 0&&zy(i))for(let a=0,l=i.length;a!==l;++a){let c=i[a];if(isNaN(c)){Lt("KeyframeTrack: Value is not a valid number.",this,a,c),t=!1;break}}return t}optimize(){let t=this.times.slice(),e=this.values.slice(),n=this.getValueSize(),i=this.getInterpolation()===Ua,r=t.length-1,o=1;for(let a=1;a<r;++a){let l=!1,c=t[a],h=t[a+1];if(c!==h&&(a!==1||c!==t[0]))if(i)l=!0;else{let u=a*n,d=u-n,f=u+n;for(let p=0;p!==n;++p){let y=e[u+p];if(y!==e[d+p]||y!==e[f+p]){l=!0;break}}}if(l){if(a!==o){t[o]=t[a];let u=a*n,d=o*n;for(let f=0;f!==n;++f)e[d+f]=e[u+f]}++o}}if(r>0){t[o]=t[r];for(let a=r*n,l=o*n,c=0;c!==n;++c)e[l+c]=e[a+c];++o}return o!==t.length?(this.times=t.slice(0,o),this.values=e.slice(0,o*n)):(this.times=t,this.values=e),this}clone(){let t=this.times.slice(),e=this.values.slice(),n=this.constructor,i=new n(this.name,t,e);return i.createInterpolant=this.createInterpolant,Ia(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function Kf(s,t){for(let e=0,n=s.length;e!==n;e+=2)s[e]+=t}function Jf(s,t){for(let e=0,n=s.length;e!==n;e+=2)s[e]*=t}Tn.prototype.ValueTypeName="";Tn.prototype.TimeBufferType=Float32Array;Tn.prototype.ValueBufferType=Float32Array;Tn.prototype.DefaultInterpolation=qa;var Hi=class extends Tn{constructor(t,e,n){super(t,e,n)}};Hi.prototype.ValueTypeName="bool";Hi.prototype.ValueBufferType=Array;Hi.prototype.DefaultInterpolation=to;Hi.prototype.InterpolantFactoryMethodLinear=void 0;Hi.prototype.InterpolantFactoryMethodSmooth=void 0;var dl=class extends Tn{constructor(t,e,n,i){super(t,e,n,i)}};dl.prototype.ValueTypeName="color";var fl=class extends Tn{constructor(t,e,n,i){super(t,e,n,i)}};fl.prototype.ValueTypeName="number";var pl=class extends Vi{constructor(t,e,n,i){super(t,e,n,i)}interpolate_(t,e,n,i){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=(n-e)/(i-e),c=t*a;for(let h=c+a;c!==h;c+=4)Te.slerpFlat(r,0,o,c-a,o,c,l);return r}},vo=class extends Tn{constructor(t,e,n,i){super(t,e,n,i)}InterpolantFactoryMethodLinear(t){return new pl(this.times,this.values,this.getValueSize(),t)}};vo.prototype.ValueTypeName="quaternion";vo.prototype.InterpolantFactoryMethodSmooth=void 0;var Gi=class extends Tn{constructor(t,e,n){super(t,e,n)}};Gi.prototype.ValueTypeName="string";Gi.prototype.ValueBufferType=Array;Gi.prototype.DefaultInterpolation=to;Gi.prototype.InterpolantFactoryMethodLinear=void 0;Gi.prototype.InterpolantFactoryMethodSmooth=void 0;var ml=class extends Tn{constructor(t,e,n,i){super(t,e,n,i)}};ml.prototype.ValueTypeName="vector";var gl=class{constructor(t,e,n){let i=this,r=!1,o=0,a=0,l,c=[];this.onStart=void 0,this.onLoad=t,this.onProgress=e,this.onError=n,this._abortController=null,this.itemStart=function(h){a++,r===!1&&i.onStart!==void 0&&i.onStart(h,o,a),r=!0},this.itemEnd=function(h){o++,i.onProgress!==void 0&&i.onProgress(h,o,a),o===a&&(r=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(h){i.onError!==void 0&&i.onError(h)},this.resolveURL=function(h){return h=h.normalize("NFC"),l?l(h):h},this.setURLModifier=function(h){return l=h,this},this.addHandler=function(h,u){return c.push(h,u),this},this.removeHandler=function(h){let u=c.indexOf(h);return u!==-1&&c.splice(u,2),this},this.getHandler=function(h){for(let u=0,d=c.length;u<d;u+=2){let f=c[u],p=c[u+1];if(f.global&&(f.lastIndex=0),f.test(h))return p}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},Jp=new gl,yl=class{constructor(t){this.manager=t!==void 0?t:Jp,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(t,e){let n=this;return new Promise(function(i,r){n.load(t,i,e,r)})}parse(){}setCrossOrigin(t){return this.crossOrigin=t,this}setWithCredentials(t){return this.withCredentials=t,this}setPath(t){return this.path=t,this}setResourcePath(t){return this.resourcePath=t,this}setRequestHeader(t){return this.requestHeader=t,this}setPriority(t){return this.priority=t,this}setCache(t){return this.cache=t,this}abort(){return this}};yl.DEFAULT_MATERIAL_NAME="__DEFAULT";var hr=class extends Xe{static registerNode(t){this.prototype._lightNode=t}constructor(t,e=1){super(),this.isLight=!0,this.type="Light",this.color=new Ot(t),this.intensity=e}copy(t,e){return super.copy(t,e),this.color.copy(t.color),this.intensity=t.intensity,this}toJSON(t){let e=super.toJSON(t);return e.object.color=this.color.getHex(),e.object.intensity=this.intensity,e}},bo=class extends hr{constructor(t,e,n){super(t,n),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Xe.DEFAULT_UP),this.updateMatrix(),this.groundColor=new Ot(e)}copy(t,e){return super.copy(t,e),this.groundColor.copy(t.groundColor),this}toJSON(t){let e=super.toJSON(t);return e.object.groundColor=this.groundColor.getHex(),e}},Qh=new St,jf=new A,Qf=new A,xl=class{constructor(t){this.camera=t,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new ct(512,512),this.mapType=yn,this.map=null,this.mapPass=null,this.matrix=new St,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new zi,this._frameExtents=new ct(1,1),this._viewportCount=1,this._viewports=[new _e(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(t){let e=this.camera;jf.setFromMatrixPosition(t.matrixWorld),e.position.copy(jf),Qf.setFromMatrixPosition(t.target.matrixWorld),e.lookAt(Qf),e.updateMatrixWorld(),this._updateMatrix(e,this.matrix,this._frustum)}_updateMatrix(t,e,n,i){Qh.multiplyMatrices(t.projectionMatrix,t.matrixWorldInverse),n.setFromProjectionMatrix(Qh,t.coordinateSystem,t.reversedDepth);let r=this._frameExtents,o=i?i.z/r.x:1,a=i?i.w/r.y:1,l=i?i.x/r.x:0,c=i?i.y/r.y:0;t.coordinateSystem===Ks||t.reversedDepth?e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,1,0,0,0,0,1):e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,.5,.5,0,0,0,1),e.multiply(Qh)}getViewport(t){return this._viewports[t]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(t){return this.camera=t.camera.clone(),this.intensity=t.intensity,this.bias=t.bias,this.radius=t.radius,this.autoUpdate=t.autoUpdate,this.needsUpdate=t.needsUpdate,this.normalBias=t.normalBias,this.blurSamples=t.blurSamples,this.mapSize.copy(t.mapSize),this.mapType=t.mapType,this.biasNode=t.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let t={};return t.intensity=this.intensity,t.bias=this.bias,t.normalBias=this.normalBias,t.radius=this.radius,t.blurSamples=this.blurSamples,t.mapSize=this.mapSize.toArray(),t.mapType=this.mapType,t.camera=this.camera.toJSON(!1).object,delete t.camera.matrix,t}},La=new A,Na=new Te,ii=new A,wo=class extends Xe{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new St,this.projectionMatrix=new St,this.projectionMatrixInverse=new St,this.coordinateSystem=Un,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(t,e){return super.copy(t,e),this.matrixWorldInverse.copy(t.matrixWorldInverse),this.projectionMatrix.copy(t.projectionMatrix),this.projectionMatrixInverse.copy(t.projectionMatrixInverse),this.coordinateSystem=t.coordinateSystem,this}getWorldDirection(t){return super.getWorldDirection(t).negate()}updateMatrixWorld(t){super.updateMatrixWorld(t),this.matrixWorld.decompose(La,Na,ii),ii.x===1&&ii.y===1&&ii.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(La,Na,ii.set(1,1,1)).invert()}updateWorldMatrix(t,e,n=!1){super.updateWorldMatrix(t,e,n),this.matrixWorld.decompose(La,Na,ii),ii.x===1&&ii.y===1&&ii.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(La,Na,ii.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Bi=new A,tp=new ct,ep=new ct,ln=class extends wo{constructor(t=50,e=1,n=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=t,this.zoom=1,this.near=n,this.far=i,this.focus=10,this.aspect=e,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.fov=t.fov,this.zoom=t.zoom,this.near=t.near,this.far=t.far,this.focus=t.focus,this.aspect=t.aspect,this.view=t.view===null?null:Object.assign({},t.view),this.filmGauge=t.filmGauge,this.filmOffset=t.filmOffset,this}setFocalLength(t){let e=.5*this.getFilmHeight()/t;this.fov=js*2*Math.atan(e),this.updateProjectionMatrix()}getFocalLength(){let t=Math.tan(Kr*.5*this.fov);return .5*this.getFilmHeight()/t}getEffectiveFOV(){return js*2*Math.atan(Math.tan(Kr*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(t,e,n){Bi.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),e.set(Bi.x,Bi.y).multiplyScalar(-t/Bi.z),Bi.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),n.set(Bi.x,Bi.y).multiplyScalar(-t/Bi.z)}getViewSize(t,e){return this.getViewBounds(t,tp,ep),e.subVectors(ep,tp)}setViewOffset(t,e,n,i,r,o){this.aspect=t/e,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=n,this.view.offsetY=i,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=this.near,e=t*Math.tan(Kr*.5*this.fov)/this.zoom,n=2*e,i=this.aspect*n,r=-.5*i,o=this.view;if(this.view!==null&&this.view.enabled){let l=o.fullWidth,c=o.fullHeight;r+=o.offsetX*i/l,e-=o.offsetY*n/c,i*=o.width/l,n*=o.height/c}let a=this.filmOffset;a!==0&&(r+=t*a/this.getFilmWidth()),this.projectionMatrix.makePerspective(r,r+i,e,e-n,t,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.fov=this.fov,e.object.zoom=this.zoom,e.object.near=this.near,e.object.far=this.far,e.object.focus=this.focus,e.object.aspect=this.aspect,this.view!==null&&(e.object.view=Object.assign({},this.view)),e.object.filmGauge=this.filmGauge,e.object.filmOffset=this.filmOffset,e}};var So=class extends wo{constructor(t=-1,e=1,n=1,i=-1,r=.1,o=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=t,this.right=e,this.top=n,this.bottom=i,this.near=r,this.far=o,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.left=t.left,this.right=t.right,this.top=t.top,this.bottom=t.bottom,this.near=t.near,this.far=t.far,this.zoom=t.zoom,this.view=t.view===null?null:Object.assign({},t.view),this}setViewOffset(t,e,n,i,r,o){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=n,this.view.offsetY=i,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=(this.right-this.left)/(2*this.zoom),e=(this.top-this.bottom)/(2*this.zoom),n=(this.right+this.left)/2,i=(this.top+this.bottom)/2,r=n-t,o=n+t,a=i+e,l=i-e;if(this.view!==null&&this.view.enabled){let c=(this.right-this.left)/this.view.fullWidth/this.zoom,h=(this.top-this.bottom)/this.view.fullHeight/this.zoom;r+=c*this.view.offsetX,o=r+c*this.view.width,a-=h*this.view.offsetY,l=a-h*this.view.height}this.projectionMatrix.makeOrthographic(r,o,a,l,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.zoom=this.zoom,e.object.left=this.left,e.object.right=this.right,e.object.top=this.top,e.object.bottom=this.bottom,e.object.near=this.near,e.object.far=this.far,this.view!==null&&(e.object.view=Object.assign({},this.view)),e}},cu=class extends xl{constructor(){super(new So(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Mo=class extends hr{constructor(t,e){super(t,e),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Xe.DEFAULT_UP),this.updateMatrix(),this.target=new Xe,this.shadow=new cu}dispose(){super.dispose(),this.shadow.dispose()}copy(t){return super.copy(t),this.target=t.target.clone(),this.shadow=t.shadow.clone(),this}toJSON(t){let e=super.toJSON(t);return e.object.shadow=this.shadow.toJSON(),e.object.target=this.target.uuid,e}},Eo=class extends hr{constructor(t,e){super(t,e),this.isAmbientLight=!0,this.type="AmbientLight"}};var Gs=-90,Ws=1,ur=class extends Xe{constructor(t,e,n){super(),this.type="CubeCamera",this.renderTarget=n,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new ln(Gs,Ws,t,e);i.layers=this.layers,this.add(i);let r=new ln(Gs,Ws,t,e);r.layers=this.layers,this.add(r);let o=new ln(Gs,Ws,t,e);o.layers=this.layers,this.add(o);let a=new ln(Gs,Ws,t,e);a.layers=this.layers,this.add(a);let l=new ln(Gs,Ws,t,e);l.layers=this.layers,this.add(l);let c=new ln(Gs,Ws,t,e);c.layers=this.layers,this.add(c)}updateCoordinateSystem(){let t=this.coordinateSystem,e=this.children.concat(),[n,i,r,o,a,l]=e;for(let c of e)this.remove(c);if(t===Un)n.up.set(0,1,0),n.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),r.up.set(0,0,-1),r.lookAt(0,1,0),o.up.set(0,0,1),o.lookAt(0,-1,0),a.up.set(0,1,0),a.lookAt(0,0,1),l.up.set(0,1,0),l.lookAt(0,0,-1);else if(t===Ks)n.up.set(0,-1,0),n.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),r.up.set(0,0,1),r.lookAt(0,1,0),o.up.set(0,0,-1),o.lookAt(0,-1,0),a.up.set(0,-1,0),a.lookAt(0,0,1),l.up.set(0,-1,0),l.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+t);for(let c of e)this.add(c),c.updateMatrixWorld()}update(t,e){this.parent===null&&this.updateMatrixWorld();let{renderTarget:n,activeMipmapLevel:i}=this;this.coordinateSystem!==t.coordinateSystem&&(this.coordinateSystem=t.coordinateSystem,this.updateCoordinateSystem());let[r,o,a,l,c,h]=this.children,u=t.getRenderTarget(),d=t.getActiveCubeFace(),f=t.getActiveMipmapLevel(),p=t.xr.enabled;t.xr.enabled=!1;let y=n.texture.mipmapsAutoUpdate;n.texture.mipmapsAutoUpdate=!1;let m=!1;t.isWebGLRenderer===!0?m=t.state.buffers.depth.getReversed():m=t.reversedDepthBuffer,t.setRenderTarget(n,0,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,r),t.setRenderTarget(n,1,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,o),t.setRenderTarget(n,2,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,a),t.setRenderTarget(n,3,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,l),t.setRenderTarget(n,4,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,c),n.texture.mipmapsAutoUpdate=y,t.setRenderTarget(n,5,i),m&&t.autoClear===!1&&t.clearDepth(),t.render(e,h),t.setRenderTarget(u,d,f),t.xr.enabled=p,n.texture.needsPMREMUpdate=!0}},_l=class extends ln{constructor(t=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=t,this.perCameraFrustumCulled=!1}};var Wu="\\[\\]\\.:\\/",J0=new RegExp("["+Wu+"]","g"),qu="[^"+Wu+"]",j0="[^"+Wu.replace("\\.","")+"]",Q0=/((?:WC+[\/:])*)/.source.replace("WC",qu),tx=/(WCOD+)?/.source.replace("WCOD",j0),ex=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",qu),nx=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",qu),ix=new RegExp("^"+Q0+tx+ex+nx+"$"),sx=["material","materials","bones","map"],hu=class{constructor(t,e,n){let i=n||me.parseTrackName(e);this._targetGroup=t,this._bindings=t.subscribe_(e,i)}getValue(t,e){this.bind();let n=this._targetGroup.nCachedObjects_,i=this._bindings[n];i!==void 0&&i.getValue(t,e)}setValue(t,e){let n=this._bindings;for(let i=this._targetGroup.nCachedObjects_,r=n.length;i!==r;++i)n[i].setValue(t,e)}bind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,n=t.length;e!==n;++e)t[e].bind()}unbind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,n=t.length;e!==n;++e)t[e].unbind()}},me=class s{constructor(t,e,n){this.path=e,this.parsedPath=n||s.parseTrackName(e),this.node=s.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,e,n){return t&&t.isAnimationObjectGroup?new s.Composite(t,e,n):new s(t,e,n)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(J0,"")}static parseTrackName(t){let e=ix.exec(t);if(e===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let n={nodeName:e[2],objectName:e[3],objectIndex:e[4],propertyName:e[5],propertyIndex:e[6]},i=n.nodeName&&n.nodeName.lastIndexOf(".");if(i!==void 0&&i!==-1){let r=n.nodeName.substring(i+1);sx.indexOf(r)!==-1&&(n.nodeName=n.nodeName.substring(0,i),n.objectName=r)}if(n.propertyName===null||n.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return n}static findNode(t,e){if(e===void 0||e===""||e==="."||e===-1||e===t.name||e===t.uuid)return t;if(t.skeleton){let n=t.skeleton.getBoneByName(e);if(n!==void 0)return n}if(t.children){let n=function(r){for(let o=0;o<r.length;o++){let a=r[o];if(a.name===e||a.uuid===e)return a;let l=n(a.children);if(l)return l}return null},i=n(t.children);if(i)return i}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,e){t[e]=this.targetObject[this.propertyName]}_getValue_array(t,e){let n=this.resolvedProperty;for(let i=0,r=n.length;i!==r;++i)t[e++]=n[i]}_getValue_arrayElement(t,e){t[e]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,e){this.resolvedProperty.toArray(t,e)}_setValue_direct(t,e){this.targetObject[this.propertyName]=t[e]}_setValue_direct_setNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,e){let n=this.resolvedProperty;for(let i=0,r=n.length;i!==r;++i)n[i]=t[e++]}_setValue_array_setNeedsUpdate(t,e){let n=this.resolvedProperty;for(let i=0,r=n.length;i!==r;++i)n[i]=t[e++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,e){let n=this.resolvedProperty;for(let i=0,r=n.length;i!==r;++i)n[i]=t[e++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,e){this.resolvedProperty[this.propertyIndex]=t[e]}_setValue_arrayElement_setNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,e){this.resolvedProperty.fromArray(t,e)}_setValue_fromArray_setNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,e){this.bind(),this.getValue(t,e)}_setValue_unbound(t,e){this.bind(),this.setValue(t,e)}bind(){let t=this.node,e=this.parsedPath,n=e.objectName,i=e.propertyName,r=e.propertyIndex;if(t||(t=s.findNode(this.rootNode,e.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Rt("PropertyBinding: No target node found for track: "+this.path+".");return}if(n){let c=e.objectIndex;switch(n){case"materials":if(!t.material){Lt("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){Lt("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){Lt("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let h=0;h<t.length;h++)if(t[h].name===c){c=h;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){Lt("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){Lt("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[n]===void 0){Lt("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[n]}if(c!==void 0){if(t[c]===void 0){Lt("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let o=t[i];if(o===void 0){let c=e.nodeName;Lt("PropertyBinding: Trying to update property for track: "+c+"."+i+" but it wasn't found.",t);return}let a=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?a=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(a=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(r!==void 0){if(i==="morphTargetInfluences"){if(!t.geometry){Lt("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){Lt("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[r]!==void 0&&(r=t.morphTargetDictionary[r])}l=this.BindingType.ArrayElement,this.resolvedProperty=o,this.propertyIndex=r}else o.fromArray!==void 0&&o.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=o):Array.isArray(o)?(l=this.BindingType.EntireArray,this.resolvedProperty=o):this.propertyName=i;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][a]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};me.Composite=hu;me.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};me.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};me.prototype.GetterByBindingType=[me.prototype._getValue_direct,me.prototype._getValue_array,me.prototype._getValue_arrayElement,me.prototype._getValue_toArray];me.prototype.SetterByBindingTypeAndVersioning=[[me.prototype._setValue_direct,me.prototype._setValue_direct_setNeedsUpdate,me.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[me.prototype._setValue_array,me.prototype._setValue_array_setNeedsUpdate,me.prototype._setValue_array_setMatrixWorldNeedsUpdate],[me.prototype._setValue_arrayElement,me.prototype._setValue_arrayElement_setNeedsUpdate,me.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[me.prototype._setValue_fromArray,me.prototype._setValue_fromArray_setNeedsUpdate,me.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var uE=new Float32Array(1);var np=new St,xs=class{constructor(t,e,n=0,i=1/0){this.ray=new Mn(t,e),this.near=n,this.far=i,this.camera=null,this.layers=new tr,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(t,e){this.ray.set(t,e)}setFromCamera(t,e){e.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(t.x,t.y,.5).unproject(e).sub(this.ray.origin).normalize(),this.camera=e):e.isOrthographicCamera?(this.ray.origin.set(t.x,t.y,e.projectionMatrix.elements[14]).unproject(e),this.ray.direction.set(0,0,-1).transformDirection(e.matrixWorld),this.camera=e):Lt("Raycaster: Unsupported camera type: "+e.type)}setFromXRController(t){return np.identity().extractRotation(t.matrixWorld),this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(np),this}intersectObject(t,e=!0,n=[]){return uu(t,this,n,e),n.sort(ip),n}intersectObjects(t,e=!0,n=[]){for(let i=0,r=t.length;i<r;i++)uu(t[i],this,n,e);return n.sort(ip),n}};function ip(s,t){return s.distance-t.distance}function uu(s,t,e,n){let i=!0;if(s.layers.test(t.layers)&&s.raycast(t,e)===!1&&(i=!1),i===!0&&n===!0){let r=s.children;for(let o=0,a=r.length;o<a;o++)uu(r[o],t,e,!0)}}var dr=class{constructor(t=1,e=0,n=0){this.radius=t,this.phi=e,this.theta=n}set(t,e,n){return this.radius=t,this.phi=e,this.theta=n,this}copy(t){return this.radius=t.radius,this.phi=t.phi,this.theta=t.theta,this}makeSafe(){return this.phi=Dt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(t){return this.setFromCartesianCoords(t.x,t.y,t.z)}setFromCartesianCoords(t,e,n){return this.radius=Math.sqrt(t*t+e*e+n*n),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(t,n),this.phi=Math.acos(Dt(e/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}};var du=class{static{this.prototype.isMatrix2=!0}constructor(t,e,n,i){this.elements=[1,0,0,1],t!==void 0&&this.set(t,e,n,i)}identity(){return this.set(1,0,0,1),this}fromArray(t,e=0){for(let n=0;n<4;n++)this.elements[n]=t[n+e];return this}set(t,e,n,i){let r=this.elements;return r[0]=t,r[2]=e,r[1]=n,r[3]=i,this}};var sp=new A,Da=new A,qs=new A,Xs=new A,tu=new A,rx=new A,ox=new A,hn=class{constructor(t=new A,e=new A){this.start=t,this.end=e}set(t,e){return this.start.copy(t),this.end.copy(e),this}copy(t){return this.start.copy(t.start),this.end.copy(t.end),this}getCenter(t){return t.addVectors(this.start,this.end).multiplyScalar(.5)}delta(t){return t.subVectors(this.end,this.start)}distanceSq(){return this.start.distanceToSquared(this.end)}distance(){return this.start.distanceTo(this.end)}at(t,e){return this.delta(e).multiplyScalar(t).add(this.start)}closestPointToPointParameter(t,e){sp.subVectors(t,this.start),Da.subVectors(this.end,this.start);let n=Da.dot(Da);if(n===0)return 0;let r=Da.dot(sp)/n;return e&&(r=Dt(r,0,1)),r}closestPointToPoint(t,e,n){let i=this.closestPointToPointParameter(t,e);return this.delta(n).multiplyScalar(i).add(this.start)}distanceSqToLine3(t,e=rx,n=ox){let i=10000000000000001e-32,r,o,a=this.start,l=t.start,c=this.end,h=t.end;qs.subVectors(c,a),Xs.subVectors(h,l),tu.subVectors(a,l);let u=qs.dot(qs),d=Xs.dot(Xs),f=Xs.dot(tu);if(u<=i&&d<=i)return e.copy(a),n.copy(l),e.distanceToSquared(n);if(u<=i)r=0,o=f/d,o=Dt(o,0,1);else{let p=qs.dot(tu);if(d<=i)o=0,r=Dt(-p/u,0,1);else{let y=qs.dot(Xs),m=u*d-y*y;m!==0?r=Dt((y*f-p*d)/m,0,1):r=0,o=(y*r+f)/d,o<0?(o=0,r=Dt(-p/u,0,1)):o>1&&(o=1,r=Dt((y-p)/u,0,1))}}return e.copy(a).addScaledVector(qs,r),n.copy(l).addScaledVector(Xs,o),e.distanceToSquared(n)}applyMatrix4(t){return this.start.applyMatrix4(t),this.end.applyMatrix4(t),this}equals(t){return t.start.equals(this.start)&&t.end.equals(this.end)}clone(){return new this.constructor().copy(this)}};var To=class extends $n{constructor(t,e=null){super(),this.object=t,this.domElement=e,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(t){this.domElement!==null&&this.disconnect(),this.domElement=t}disconnect(){}dispose(){}update(){}};function Xu(s,t,e,n){let i=ax(n);switch(e){case Iu:return s*t;case Al:return s*t/i.components*i.byteLength;case Cl:return s*t/i.components*i.byteLength;case qi:return s*t*2/i.components*i.byteLength;case Rl:return s*t*2/i.components*i.byteLength;case Lu:return s*t*3/i.components*i.byteLength;case jn:return s*t*4/i.components*i.byteLength;case Pl:return s*t*4/i.components*i.byteLength;case Ro:case Po:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case Io:case Lo:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case Ll:case Dl:return Math.max(s,16)*Math.max(t,8)/4;case Il:case Nl:return Math.max(s,8)*Math.max(t,8)/2;case Ul:case Ol:case kl:case Bl:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case Fl:case No:case zl:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case Vl:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case Hl:return Math.floor((s+4)/5)*Math.floor((t+3)/4)*16;case Gl:return Math.floor((s+4)/5)*Math.floor((t+4)/5)*16;case Wl:return Math.floor((s+5)/6)*Math.floor((t+4)/5)*16;case ql:return Math.floor((s+5)/6)*Math.floor((t+5)/6)*16;case Xl:return Math.floor((s+7)/8)*Math.floor((t+4)/5)*16;case $l:return Math.floor((s+7)/8)*Math.floor((t+5)/6)*16;case Yl:return Math.floor((s+7)/8)*Math.floor((t+7)/8)*16;case Zl:return Math.floor((s+9)/10)*Math.floor((t+4)/5)*16;case Kl:return Math.floor((s+9)/10)*Math.floor((t+5)/6)*16;case Jl:return Math.floor((s+9)/10)*Math.floor((t+7)/8)*16;case jl:return Math.floor((s+9)/10)*Math.floor((t+9)/10)*16;case Ql:return Math.floor((s+11)/12)*Math.floor((t+9)/10)*16;case tc:return Math.floor((s+11)/12)*Math.floor((t+11)/12)*16;case ec:case nc:case ic:return Math.ceil(s/4)*Math.ceil(t/4)*16;case sc:case rc:return Math.ceil(s/4)*Math.ceil(t/4)*8;case Do:case oc:return Math.ceil(s/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${e} format.`)}function ax(s){switch(s){case yn:case Au:return{byteLength:1,components:1};case gr:case Cu:case Jn:return{byteLength:2,components:1};case El:case Tl:return{byteLength:2,components:4};case Kn:case Ml:case Bn:return{byteLength:4,components:1};case Ru:case Pu:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${s}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Rt("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function _m(){let s=null,t=!1,e=null,n=null;function i(r,o){n=s.requestAnimationFrame(i),e(r,o)}return{start:function(){t!==!0&&e!==null&&s!==null&&(n=s.requestAnimationFrame(i),t=!0)},stop:function(){s!==null&&s.cancelAnimationFrame(n),t=!1},setAnimationLoop:function(r){e=r},setContext:function(r){s=r}}}function lx(s){let t=new WeakMap;function e(a,l){let c=a.array,h=a.usage,u=c.byteLength,d=s.createBuffer();s.bindBuffer(l,d),s.bufferData(l,c,h),a.onUploadCallback();let f;if(c instanceof Float32Array)f=s.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)f=s.HALF_FLOAT;else if(c instanceof Uint16Array)a.isFloat16BufferAttribute?f=s.HALF_FLOAT:f=s.UNSIGNED_SHORT;else if(c instanceof Int16Array)f=s.SHORT;else if(c instanceof Uint32Array)f=s.UNSIGNED_INT;else if(c instanceof Int32Array)f=s.INT;else if(c instanceof Int8Array)f=s.BYTE;else if(c instanceof Uint8Array)f=s.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)f=s.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:f,bytesPerElement:c.BYTES_PER_ELEMENT,version:a.version,size:u}}function n(a,l,c){let h=l.array,u=l.updateRanges;if(s.bindBuffer(c,a),u.length===0)s.bufferSubData(c,0,h);else{u.sort((f,p)=>f.start-p.start);let d=0;for(let f=1;f<u.length;f++){let p=u[d],y=u[f];y.start<=p.start+p.count+1?p.count=Math.max(p.count,y.start+y.count-p.start):(++d,u[d]=y)}u.length=d+1;for(let f=0,p=u.length;f<p;f++){let y=u[f];s.bufferSubData(c,y.start*h.BYTES_PER_ELEMENT,h,y.start,y.count)}l.clearUpdateRanges()}l.onUploadCallback()}function i(a){return a.isInterleavedBufferAttribute&&(a=a.data),t.get(a)}function r(a){a.isInterleavedBufferAttribute&&(a=a.data);let l=t.get(a);l&&(s.deleteBuffer(l.buffer),t.delete(a))}function o(a,l){if(a.isInterleavedBufferAttribute&&(a=a.data),a.isGLBufferAttribute){let h=t.get(a);(!h||h.version<a.version)&&t.set(a,{buffer:a.buffer,type:a.type,bytesPerElement:a.elementSize,version:a.version});return}let c=t.get(a);if(c===void 0)t.set(a,e(a,l));else if(c.version<a.version){if(c.size!==a.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");n(c.buffer,a,l),c.version=a.version}}return{get:i,remove:r,update:o}}var cx=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,hx=`#ifdef USE_ALPHAHASH
	const float ALPHA_HASH_SCALE = 0.05;
	float hash2D( vec2 value ) {
		return fract( 1.0e4 * sin( 17.0 * value.x + 0.1 * value.y ) * ( 0.1 + abs( sin( 13.0 * value.y + value.x ) ) ) );
	}
	float hash3D( vec3 value ) {
		return hash2D( vec2( hash2D( value.xy ), value.z ) );
	}
	float getAlphaHashThreshold( vec3 position ) {
		float maxDeriv = max(
			length( dFdx( position.xyz ) ),
			length( dFdy( position.xyz ) )
		);
		float pixScale = 1.0 / ( ALPHA_HASH_SCALE * maxDeriv );
		vec2 pixScales = vec2(
			exp2( floor( log2( pixScale ) ) ),
			exp2( ceil( log2( pixScale ) ) )
		);
		vec2 alpha = vec2(
			hash3D( floor( pixScales.x * position.xyz ) ),
			hash3D( floor( pixScales.y * position.xyz ) )
		);
		float lerpFactor = fract( log2( pixScale ) );
		float x = ( 1.0 - lerpFactor ) * alpha.x + lerpFactor * alpha.y;
		float a = min( lerpFactor, 1.0 - lerpFactor );
		vec3 cases = vec3(
			x * x / ( 2.0 * a * ( 1.0 - a ) ),
			( x - 0.5 * a ) / ( 1.0 - a ),
			1.0 - ( ( 1.0 - x ) * ( 1.0 - x ) / ( 2.0 * a * ( 1.0 - a ) ) )
		);
		float threshold = ( x < ( 1.0 - a ) )
			? ( ( x < a ) ? cases.x : cases.y )
			: cases.z;
		return clamp( threshold , 1.0e-6, 1.0 );
	}
#endif`,ux=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,dx=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,fx=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,px=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,mx=`#ifdef USE_AOMAP
	float ambientOcclusion = ( texture2D( aoMap, vAoMapUv ).r - 1.0 ) * aoMapIntensity + 1.0;
	reflectedLight.indirectDiffuse *= ambientOcclusion;
	#if defined( USE_CLEARCOAT ) 
		clearcoatSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_SHEEN ) 
		sheenSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_ENVMAP ) && defined( STANDARD )
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		reflectedLight.indirectSpecular *= computeSpecularOcclusion( dotNV, ambientOcclusion, material.roughness );
	#endif
#endif`,gx=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,yx=`#ifdef USE_BATCHING
	#if ! defined( GL_ANGLE_multi_draw )
	#define gl_DrawID _gl_DrawID
	uniform int _gl_DrawID;
	#endif
	uniform highp sampler2D batchingTexture;
	uniform highp usampler2D batchingIdTexture;
	mat4 getBatchingMatrix( const in float i ) {
		int size = textureSize( batchingTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( batchingTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( batchingTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( batchingTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( batchingTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
	float getIndirectIndex( const in int i ) {
		int size = textureSize( batchingIdTexture, 0 ).x;
		int x = i % size;
		int y = i / size;
		return float( texelFetch( batchingIdTexture, ivec2( x, y ), 0 ).r );
	}
#endif
#ifdef USE_BATCHING_COLOR
	uniform sampler2D batchingColorTexture;
	vec4 getBatchingColor( const in float i ) {
		int size = textureSize( batchingColorTexture, 0 ).x;
		int j = int( i );
		int x = j % size;
		int y = j / size;
		return texelFetch( batchingColorTexture, ivec2( x, y ), 0 );
	}
#endif`,xx=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,_x=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,vx=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,bx=`float G_BlinnPhong_Implicit( ) {
	return 0.25;
}
float D_BlinnPhong( const in float shininess, const in float dotNH ) {
	return RECIPROCAL_PI * ( shininess * 0.5 + 1.0 ) * pow( dotNH, shininess );
}
vec3 BRDF_BlinnPhong( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 specularColor, const in float shininess ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( specularColor, 1.0, dotVH );
	float G = G_BlinnPhong_Implicit( );
	float D = D_BlinnPhong( shininess, dotNH );
	return F * ( G * D );
} // validated`,wx=`#ifdef USE_IRIDESCENCE
	const mat3 XYZ_TO_REC709 = mat3(
		 3.2404542, -0.9692660,  0.0556434,
		-1.5371385,  1.8760108, -0.2040259,
		-0.4985314,  0.0415560,  1.0572252
	);
	vec3 Fresnel0ToIor( vec3 fresnel0 ) {
		vec3 sqrtF0 = sqrt( fresnel0 );
		return ( vec3( 1.0 ) + sqrtF0 ) / ( vec3( 1.0 ) - sqrtF0 );
	}
	vec3 IorToFresnel0( vec3 transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - vec3( incidentIor ) ) / ( transmittedIor + vec3( incidentIor ) ) );
	}
	float IorToFresnel0( float transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - incidentIor ) / ( transmittedIor + incidentIor ));
	}
	vec3 evalSensitivity( float OPD, vec3 shift ) {
		float phase = 2.0 * PI * OPD * 1.0e-9;
		vec3 val = vec3( 5.4856e-13, 4.4201e-13, 5.2481e-13 );
		vec3 pos = vec3( 1.6810e+06, 1.7953e+06, 2.2084e+06 );
		vec3 var = vec3( 4.3278e+09, 9.3046e+09, 6.6121e+09 );
		vec3 xyz = val * sqrt( 2.0 * PI * var ) * cos( pos * phase + shift ) * exp( - pow2( phase ) * var );
		xyz.x += 9.7470e-14 * sqrt( 2.0 * PI * 4.5282e+09 ) * cos( 2.2399e+06 * phase + shift[ 0 ] ) * exp( - 4.5282e+09 * pow2( phase ) );
		xyz /= 1.0685e-7;
		vec3 rgb = XYZ_TO_REC709 * xyz;
		return rgb;
	}
	vec3 evalIridescence( float outsideIOR, float eta2, float cosTheta1, float thinFilmThickness, vec3 baseF0 ) {
		vec3 I;
		float iridescenceIOR = mix( outsideIOR, eta2, smoothstep( 0.0, 0.03, thinFilmThickness ) );
		float sinTheta2Sq = pow2( outsideIOR / iridescenceIOR ) * ( 1.0 - pow2( cosTheta1 ) );
		float cosTheta2Sq = 1.0 - sinTheta2Sq;
		if ( cosTheta2Sq < 0.0 ) {
			return vec3( 1.0 );
		}
		float cosTheta2 = sqrt( cosTheta2Sq );
		float R0 = IorToFresnel0( iridescenceIOR, outsideIOR );
		float R12 = F_Schlick( R0, 1.0, cosTheta1 );
		float T121 = 1.0 - R12;
		float phi12 = 0.0;
		if ( iridescenceIOR < outsideIOR ) phi12 = PI;
		float phi21 = PI - phi12;
		vec3 baseIOR = Fresnel0ToIor( clamp( baseF0, 0.0, 0.9999 ) );		vec3 R1 = IorToFresnel0( baseIOR, iridescenceIOR );
		vec3 R23 = F_Schlick( R1, 1.0, cosTheta2 );
		vec3 phi23 = vec3( 0.0 );
		if ( baseIOR[ 0 ] < iridescenceIOR ) phi23[ 0 ] = PI;
		if ( baseIOR[ 1 ] < iridescenceIOR ) phi23[ 1 ] = PI;
		if ( baseIOR[ 2 ] < iridescenceIOR ) phi23[ 2 ] = PI;
		float OPD = 2.0 * iridescenceIOR * thinFilmThickness * cosTheta2;
		vec3 phi = vec3( phi21 ) + phi23;
		vec3 R123 = clamp( R12 * R23, 1e-5, 0.9999 );
		vec3 r123 = sqrt( R123 );
		vec3 Rs = pow2( T121 ) * R23 / ( vec3( 1.0 ) - R123 );
		vec3 C0 = R12 + Rs;
		I = C0;
		vec3 Cm = Rs - T121;
		for ( int m = 1; m <= 2; ++ m ) {
			Cm *= r123;
			vec3 Sm = 2.0 * evalSensitivity( float( m ) * OPD, float( m ) * phi );
			I += Cm * Sm;
		}
		return max( I, vec3( 0.0 ) );
	}
#endif`,Sx=`#ifdef USE_BUMPMAP
	uniform sampler2D bumpMap;
	uniform float bumpScale;
	vec2 dHdxy_fwd() {
		vec2 dSTdx = dFdx( vBumpMapUv );
		vec2 dSTdy = dFdy( vBumpMapUv );
		float Hll = bumpScale * texture2D( bumpMap, vBumpMapUv ).x;
		float dBx = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdx ).x - Hll;
		float dBy = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdy ).x - Hll;
		return vec2( dBx, dBy );
	}
	vec3 perturbNormalArb( vec3 surf_pos, vec3 surf_norm, vec2 dHdxy, float faceDirection ) {
		vec3 vSigmaX = normalize( dFdx( surf_pos.xyz ) );
		vec3 vSigmaY = normalize( dFdy( surf_pos.xyz ) );
		vec3 vN = surf_norm;
		vec3 R1 = cross( vSigmaY, vN );
		vec3 R2 = cross( vN, vSigmaX );
		float fDet = dot( vSigmaX, R1 ) * faceDirection;
		vec3 vGrad = sign( fDet ) * ( dHdxy.x * R1 + dHdxy.y * R2 );
		return normalize( abs( fDet ) * surf_norm - vGrad );
	}
#endif`,Mx=`#if NUM_CLIPPING_PLANES > 0
	vec4 plane;
	#ifdef ALPHA_TO_COVERAGE
		float distanceToPlane, distanceGradient;
		float clipOpacity = 1.0;
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
			distanceGradient = fwidth( distanceToPlane ) / 2.0;
			clipOpacity *= smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			if ( clipOpacity == 0.0 ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			float unionClipOpacity = 1.0;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
				distanceGradient = fwidth( distanceToPlane ) / 2.0;
				unionClipOpacity *= 1.0 - smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			}
			#pragma unroll_loop_end
			clipOpacity *= 1.0 - unionClipOpacity;
		#endif
		diffuseColor.a *= clipOpacity;
		if ( diffuseColor.a == 0.0 ) discard;
	#else
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			if ( dot( vClipPosition, plane.xyz ) > plane.w ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			bool clipped = true;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				clipped = ( dot( vClipPosition, plane.xyz ) > plane.w ) && clipped;
			}
			#pragma unroll_loop_end
			if ( clipped ) discard;
		#endif
	#endif
#endif`,Ex=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,Tx=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,Ax=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,Cx=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,Rx=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,Px=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,Ix=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	vColor = vec4( 1.0 );
#endif
#ifdef USE_COLOR_ALPHA
	vColor *= color;
#elif defined( USE_COLOR )
	vColor.rgb *= color;
#endif
#ifdef USE_INSTANCING_COLOR
	vColor.rgb *= instanceColor.rgb;
#endif
#ifdef USE_BATCHING_COLOR
	vColor *= getBatchingColor( getIndirectIndex( gl_DrawID ) );
#endif`,Lx=`#define PI 3.141592653589793
#define PI2 6.283185307179586
#define PI_HALF 1.5707963267948966
#define RECIPROCAL_PI 0.3183098861837907
#define RECIPROCAL_PI2 0.15915494309189535
#define EPSILON 1e-6
#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
#define whiteComplement( a ) ( 1.0 - saturate( a ) )
float pow2( const in float x ) { return x*x; }
vec3 pow2( const in vec3 x ) { return x*x; }
float pow3( const in float x ) { return x*x*x; }
float pow4( const in float x ) { float x2 = x*x; return x2*x2; }
float max3( const in vec3 v ) { return max( max( v.x, v.y ), v.z ); }
float average( const in vec3 v ) { return dot( v, vec3( 0.3333333 ) ); }
highp float rand( const in vec2 uv ) {
	const highp float a = 12.9898, b = 78.233, c = 43758.5453;
	highp float dt = dot( uv.xy, vec2( a,b ) ), sn = mod( dt, PI );
	return fract( sin( sn ) * c );
}
#ifdef HIGH_PRECISION
	float precisionSafeLength( vec3 v ) { return length( v ); }
#else
	float precisionSafeLength( vec3 v ) {
		float maxComponent = max3( abs( v ) );
		return length( v / maxComponent ) * maxComponent;
	}
#endif
struct IncidentLight {
	vec3 color;
	vec3 direction;
	bool visible;
};
struct ReflectedLight {
	vec3 directDiffuse;
	vec3 directSpecular;
	vec3 indirectDiffuse;
	vec3 indirectSpecular;
};
#ifdef USE_ALPHAHASH
	varying vec3 vPosition;
#endif
vec3 transformDirection( in vec3 dir, in mat4 matrix ) {
	return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );
}
#define inverseTransformDirection transformDirectionByInverseViewMatrix
vec3 transformNormalByInverseViewMatrix( in vec3 normal, in mat4 viewMatrix ) {
	return normalize( ( vec4( normal, 0.0 ) * viewMatrix ).xyz );
}
vec3 transformDirectionByInverseViewMatrix( in vec3 dir, in mat4 viewMatrix ) {
	return normalize( ( vec4( dir, 0.0 ) * viewMatrix ).xyz );
}
bool isPerspectiveMatrix( mat4 m ) {
	return m[ 2 ][ 3 ] == - 1.0;
}
vec2 equirectUv( in vec3 dir ) {
	float u = atan( dir.z, dir.x ) * RECIPROCAL_PI2 + 0.5;
	float v = asin( clamp( dir.y, - 1.0, 1.0 ) ) * RECIPROCAL_PI + 0.5;
	return vec2( u, v );
}
vec3 BRDF_Lambert( const in vec3 diffuseColor ) {
	return RECIPROCAL_PI * diffuseColor;
}
vec3 F_Schlick( const in vec3 f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
}
float F_Schlick( const in float f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
} // validated`,Nx=`vec3 transformedNormal = objectNormal;
#ifdef USE_TANGENT
	vec3 transformedTangent = objectTangent;
#endif
#ifdef USE_BATCHING
	mat3 bm = mat3( batchingMatrix );
	transformedNormal /= vec3( dot( bm[ 0 ], bm[ 0 ] ), dot( bm[ 1 ], bm[ 1 ] ), dot( bm[ 2 ], bm[ 2 ] ) );
	transformedNormal = bm * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = bm * transformedTangent;
	#endif
#endif
#ifdef USE_INSTANCING
	mat3 im = mat3( instanceMatrix );
	transformedNormal /= vec3( dot( im[ 0 ], im[ 0 ] ), dot( im[ 1 ], im[ 1 ] ), dot( im[ 2 ], im[ 2 ] ) );
	transformedNormal = im * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = im * transformedTangent;
	#endif
#endif
transformedNormal = normalMatrix * transformedNormal;
#ifdef FLIP_SIDED
	transformedNormal = - transformedNormal;
#endif
#ifdef USE_TANGENT
	transformedTangent = ( modelViewMatrix * vec4( transformedTangent, 0.0 ) ).xyz;
#endif`,Dx=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,Ux=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,Ox=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,Fx=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,kx="gl_FragColor = linearToOutputTexel( gl_FragColor );",Bx=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,zx=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vec3 cameraToFrag;
		if ( isOrthographic ) {
			cameraToFrag = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToFrag = normalize( vWorldPosition - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vec3 reflectVec = reflect( cameraToFrag, worldNormal );
		#else
			vec3 reflectVec = refract( cameraToFrag, worldNormal, refractionRatio );
		#endif
	#else
		vec3 reflectVec = vReflect;
	#endif
	#ifdef ENVMAP_TYPE_CUBE
		vec4 envColor = textureCube( envMap, envMapRotation * reflectVec );
		#ifdef ENVMAP_BLENDING_MULTIPLY
			outgoingLight = mix( outgoingLight, outgoingLight * envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_MIX )
			outgoingLight = mix( outgoingLight, envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_ADD )
			outgoingLight += envColor.xyz * specularStrength * reflectivity;
		#endif
	#endif
#endif`,Vx=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,Hx=`#ifdef USE_ENVMAP
	uniform float reflectivity;
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		varying vec3 vWorldPosition;
		uniform float refractionRatio;
	#else
		varying vec3 vReflect;
	#endif
#endif`,Gx=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,Wx=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vWorldPosition = worldPosition.xyz;
	#else
		vec3 cameraToVertex;
		if ( isOrthographic ) {
			cameraToVertex = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToVertex = normalize( worldPosition.xyz - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vReflect = reflect( cameraToVertex, worldNormal );
		#else
			vReflect = refract( cameraToVertex, worldNormal, refractionRatio );
		#endif
	#endif
#endif`,qx=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,Xx=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,$x=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,Yx=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,Zx=`#ifdef USE_GRADIENTMAP
	uniform sampler2D gradientMap;
#endif
vec3 getGradientIrradiance( vec3 normal, vec3 lightDirection ) {
	float dotNL = dot( normal, lightDirection );
	vec2 coord = vec2( dotNL * 0.5 + 0.5, 0.0 );
	#ifdef USE_GRADIENTMAP
		return vec3( texture2D( gradientMap, coord ).r );
	#else
		vec2 fw = fwidth( coord ) * 0.5;
		return mix( vec3( 0.7 ), vec3( 1.0 ), smoothstep( 0.7 - fw.x, 0.7 + fw.x, coord.x ) );
	#endif
}`,Kx=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,Jx=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,jx=`varying vec3 vViewPosition;
struct LambertMaterial {
	vec3 diffuseColor;
	float specularStrength;
};
void RE_Direct_Lambert( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Lambert( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Lambert
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,Qx=`uniform bool receiveShadow;
uniform vec3 ambientLightColor;
#if defined( USE_LIGHT_PROBES )
	uniform vec3 lightProbe[ 9 ];
#endif
vec3 shGetIrradianceAt( in vec3 normal, in vec3 shCoefficients[ 9 ] ) {
	float x = normal.x, y = normal.y, z = normal.z;
	vec3 result = shCoefficients[ 0 ] * 0.886227;
	result += shCoefficients[ 1 ] * 2.0 * 0.511664 * y;
	result += shCoefficients[ 2 ] * 2.0 * 0.511664 * z;
	result += shCoefficients[ 3 ] * 2.0 * 0.511664 * x;
	result += shCoefficients[ 4 ] * 2.0 * 0.429043 * x * y;
	result += shCoefficients[ 5 ] * 2.0 * 0.429043 * y * z;
	result += shCoefficients[ 6 ] * ( 0.743125 * z * z - 0.247708 );
	result += shCoefficients[ 7 ] * 2.0 * 0.429043 * x * z;
	result += shCoefficients[ 8 ] * 0.429043 * ( x * x - y * y );
	return result;
}
vec3 getLightProbeIrradiance( const in vec3 lightProbe[ 9 ], const in vec3 normal ) {
	vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec3 irradiance = shGetIrradianceAt( worldNormal, lightProbe );
	return irradiance;
}
vec3 getAmbientLightIrradiance( const in vec3 ambientLightColor ) {
	vec3 irradiance = ambientLightColor;
	return irradiance;
}
float getDistanceAttenuation( const in float lightDistance, const in float cutoffDistance, const in float decayExponent ) {
	float distanceFalloff = 1.0 / max( pow( lightDistance, decayExponent ), 0.01 );
	if ( cutoffDistance > 0.0 ) {
		distanceFalloff *= pow2( saturate( 1.0 - pow4( lightDistance / cutoffDistance ) ) );
	}
	return distanceFalloff;
}
float getSpotAttenuation( const in float coneCosine, const in float penumbraCosine, const in float angleCosine ) {
	return smoothstep( coneCosine, penumbraCosine, angleCosine );
}
#if NUM_SUN_LIGHTS > 0
	struct SunLight {
		vec3 direction;
		vec3 color;
	};
	uniform SunLight sunLights[ NUM_SUN_LIGHTS ];
	void getSunLightInfo( const in SunLight sunLight, out IncidentLight light ) {
		light.color = sunLight.color;
		light.direction = sunLight.direction;
		light.visible = true;
	}
#endif
#if NUM_DIR_LIGHTS > 0
	struct DirectionalLight {
		vec3 direction;
		vec3 color;
	};
	uniform DirectionalLight directionalLights[ NUM_DIR_LIGHTS ];
	void getDirectionalLightInfo( const in DirectionalLight directionalLight, out IncidentLight light ) {
		light.color = directionalLight.color;
		light.direction = directionalLight.direction;
		light.visible = true;
	}
#endif
#if NUM_POINT_LIGHTS > 0
	struct PointLight {
		vec3 position;
		vec3 color;
		float distance;
		float decay;
	};
	uniform PointLight pointLights[ NUM_POINT_LIGHTS ];
	void getPointLightInfo( const in PointLight pointLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = pointLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float lightDistance = length( lVector );
		light.color = pointLight.color;
		light.color *= getDistanceAttenuation( lightDistance, pointLight.distance, pointLight.decay );
		light.visible = ( light.color != vec3( 0.0 ) );
	}
#endif
#if NUM_SPOT_LIGHTS > 0
	struct SpotLight {
		vec3 position;
		vec3 direction;
		vec3 color;
		float distance;
		float decay;
		float coneCos;
		float penumbraCos;
	};
	uniform SpotLight spotLights[ NUM_SPOT_LIGHTS ];
	void getSpotLightInfo( const in SpotLight spotLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = spotLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float angleCos = dot( light.direction, spotLight.direction );
		float spotAttenuation = getSpotAttenuation( spotLight.coneCos, spotLight.penumbraCos, angleCos );
		if ( spotAttenuation > 0.0 ) {
			float lightDistance = length( lVector );
			light.color = spotLight.color * spotAttenuation;
			light.color *= getDistanceAttenuation( lightDistance, spotLight.distance, spotLight.decay );
			light.visible = ( light.color != vec3( 0.0 ) );
		} else {
			light.color = vec3( 0.0 );
			light.visible = false;
		}
	}
#endif
#if NUM_RECT_AREA_LIGHTS > 0
	struct RectAreaLight {
		vec3 color;
		vec3 position;
		vec3 halfWidth;
		vec3 halfHeight;
	};
	uniform sampler2D ltc_1;	uniform sampler2D ltc_2;
	uniform RectAreaLight rectAreaLights[ NUM_RECT_AREA_LIGHTS ];
#endif
#if NUM_HEMI_LIGHTS > 0
	struct HemisphereLight {
		vec3 direction;
		vec3 skyColor;
		vec3 groundColor;
	};
	uniform HemisphereLight hemisphereLights[ NUM_HEMI_LIGHTS ];
	vec3 getHemisphereLightIrradiance( const in HemisphereLight hemiLight, const in vec3 normal ) {
		float dotNL = dot( normal, hemiLight.direction );
		float hemiDiffuseWeight = 0.5 * dotNL + 0.5;
		vec3 irradiance = mix( hemiLight.groundColor, hemiLight.skyColor, hemiDiffuseWeight );
		return irradiance;
	}
#endif
#include <lightprobes_pars_fragment>`,t_=`#ifdef USE_ENVMAP
	vec3 getIBLIrradiance( const in vec3 normal ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * worldNormal, ENVMAP_MAX_LOD );
			return PI * envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	vec3 getIBLRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 reflectVec = reflect( - viewDir, normal );
			reflectVec = normalize( mix( reflectVec, normal, pow4( roughness ) ) );
			reflectVec = transformDirectionByInverseViewMatrix( reflectVec, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * reflectVec, roughnessToMip( roughness ) );
			return envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	#ifdef USE_RETROREFLECTION
		vec3 getIBLRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 retroVec = normalize( mix( viewDir, normal, pow4( roughness ) ) );
				retroVec = transformDirectionByInverseViewMatrix( retroVec, viewMatrix );
				vec4 envMapColor = textureLod( envMap, envMapRotation * retroVec, roughnessToMip( roughness ) );
				return envMapColor.rgb * envMapIntensity;
			#else
				return vec3( 0.0 );
			#endif
		}
	#endif
	#ifdef USE_ANISOTROPY
		vec3 getIBLAnisotropyRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 bentNormal = cross( bitangent, viewDir );
				bentNormal = normalize( cross( bentNormal, bitangent ) );
				bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
				return getIBLRadiance( viewDir, bentNormal, roughness );
			#else
				return vec3( 0.0 );
			#endif
		}
		#ifdef USE_RETROREFLECTION
			vec3 getIBLAnisotropyRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
				#ifdef ENVMAP_TYPE_PMREM
					vec3 bentNormal = cross( bitangent, viewDir );
					bentNormal = normalize( cross( bentNormal, bitangent ) );
					bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
					return getIBLRetroRadiance( viewDir, bentNormal, roughness );
				#else
					return vec3( 0.0 );
				#endif
			}
		#endif
	#endif
#endif`,e_=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,n_=`varying vec3 vViewPosition;
struct ToonMaterial {
	vec3 diffuseColor;
};
void RE_Direct_Toon( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 irradiance = getGradientIrradiance( geometryNormal, directLight.direction ) * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Toon( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Toon
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,i_=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,s_=`varying vec3 vViewPosition;
struct BlinnPhongMaterial {
	vec3 diffuseColor;
	vec3 specularColor;
	float specularShininess;
	float specularStrength;
};
void RE_Direct_BlinnPhong( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
	reflectedLight.directSpecular += irradiance * BRDF_BlinnPhong( directLight.direction, geometryViewDir, geometryNormal, material.specularColor, material.specularShininess ) * material.specularStrength;
}
void RE_IndirectDiffuse_BlinnPhong( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_BlinnPhong
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,r_=`PhysicalMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.diffuseContribution = diffuseColor.rgb * ( 1.0 - metalnessFactor );
material.metalness = metalnessFactor;
vec3 dxy = max( abs( dFdx( nonPerturbedNormal ) ), abs( dFdy( nonPerturbedNormal ) ) );
float geometryRoughness = max( max( dxy.x, dxy.y ), dxy.z );
material.roughness = max( roughnessFactor, 0.045 );
material.roughness += geometryRoughness;
material.roughness = min( material.roughness, 1.0 );
#ifdef USE_DIFFUSE_ROUGHNESS
	float diffuseRoughnessFactor = diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		diffuseRoughnessFactor *= texture2D( diffuseRoughnessMap, vDiffuseRoughnessMapUv ).r;
	#endif
	material.diffuseRoughness = saturate( diffuseRoughnessFactor );
#endif
#ifdef IOR
	material.ior = ior;
	#ifdef USE_SPECULAR
		float specularIntensityFactor = specularIntensity;
		vec3 specularColorFactor = specularColor;
		#ifdef USE_SPECULAR_COLORMAP
			specularColorFactor *= texture2D( specularColorMap, vSpecularColorMapUv ).rgb;
		#endif
		#ifdef USE_SPECULAR_INTENSITYMAP
			specularIntensityFactor *= texture2D( specularIntensityMap, vSpecularIntensityMapUv ).a;
		#endif
		material.specularF90 = mix( specularIntensityFactor, 1.0, metalnessFactor );
	#else
		float specularIntensityFactor = 1.0;
		vec3 specularColorFactor = vec3( 1.0 );
		material.specularF90 = 1.0;
	#endif
	material.specularColor = min( pow2( ( material.ior - 1.0 ) / ( material.ior + 1.0 ) ) * specularColorFactor, vec3( 1.0 ) ) * specularIntensityFactor;
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
#else
	material.specularColor = vec3( 0.04 );
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
	material.specularF90 = 1.0;
#endif
#ifdef USE_CLEARCOAT
	material.clearcoat = clearcoat;
	material.clearcoatRoughness = clearcoatRoughness;
	material.clearcoatF0 = vec3( 0.04 );
	material.clearcoatF90 = 1.0;
	#ifdef USE_CLEARCOATMAP
		material.clearcoat *= texture2D( clearcoatMap, vClearcoatMapUv ).x;
	#endif
	#ifdef USE_CLEARCOAT_ROUGHNESSMAP
		material.clearcoatRoughness *= texture2D( clearcoatRoughnessMap, vClearcoatRoughnessMapUv ).y;
	#endif
	material.clearcoat = saturate( material.clearcoat );	material.clearcoatRoughness = max( material.clearcoatRoughness, 0.045 );
	material.clearcoatRoughness += geometryRoughness;
	material.clearcoatRoughness = min( material.clearcoatRoughness, 1.0 );
#endif
#ifdef USE_DISPERSION
	material.dispersion = dispersion;
#endif
#ifdef USE_RETROREFLECTION
	material.retroreflectivity = retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	material.iridescence = iridescence;
	material.iridescenceIOR = iridescenceIOR;
	#ifdef USE_IRIDESCENCEMAP
		material.iridescence *= texture2D( iridescenceMap, vIridescenceMapUv ).r;
	#endif
	#ifdef USE_IRIDESCENCE_THICKNESSMAP
		material.iridescenceThickness = (iridescenceThicknessMaximum - iridescenceThicknessMinimum) * texture2D( iridescenceThicknessMap, vIridescenceThicknessMapUv ).g + iridescenceThicknessMinimum;
	#else
		material.iridescenceThickness = iridescenceThicknessMaximum;
	#endif
#endif
#ifdef USE_SHEEN
	material.sheenColor = sheenColor;
	#ifdef USE_SHEEN_COLORMAP
		material.sheenColor *= texture2D( sheenColorMap, vSheenColorMapUv ).rgb;
	#endif
	material.sheenRoughness = clamp( sheenRoughness, 0.0001, 1.0 );
	#ifdef USE_SHEEN_ROUGHNESSMAP
		material.sheenRoughness *= texture2D( sheenRoughnessMap, vSheenRoughnessMapUv ).a;
	#endif
#endif
#ifdef USE_ANISOTROPY
	#ifdef USE_ANISOTROPYMAP
		mat2 anisotropyMat = mat2( anisotropyVector.x, anisotropyVector.y, - anisotropyVector.y, anisotropyVector.x );
		vec3 anisotropyPolar = texture2D( anisotropyMap, vAnisotropyMapUv ).rgb;
		vec2 anisotropyV = anisotropyMat * normalize( 2.0 * anisotropyPolar.rg - vec2( 1.0 ) ) * anisotropyPolar.b;
	#else
		vec2 anisotropyV = anisotropyVector;
	#endif
	material.anisotropy = length( anisotropyV );
	if( material.anisotropy == 0.0 ) {
		anisotropyV = vec2( 1.0, 0.0 );
	} else {
		anisotropyV /= material.anisotropy;
		material.anisotropy = saturate( material.anisotropy );
	}
	material.alphaT = mix( pow2( material.roughness ), 1.0, pow2( material.anisotropy ) );
	material.anisotropyT = tbn[ 0 ] * anisotropyV.x + tbn[ 1 ] * anisotropyV.y;
	material.anisotropyB = tbn[ 1 ] * anisotropyV.x - tbn[ 0 ] * anisotropyV.y;
#endif`,o_=`uniform sampler2D dfgLUT;
struct PhysicalMaterial {
	vec3 diffuseColor;
	vec3 diffuseContribution;
	vec3 specularColor;
	vec3 specularColorBlended;
	float roughness;
	float metalness;
	float specularF90;
	float dispersion;
	vec2 dfg;
	vec3 multiScatteringCompensation;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float diffuseRoughness;
	#endif
	#ifdef USE_RETROREFLECTION
		float retroreflectivity;
	#endif
	#ifdef USE_CLEARCOAT
		float clearcoat;
		float clearcoatRoughness;
		vec3 clearcoatF0;
		float clearcoatF90;
	#endif
	#ifdef USE_IRIDESCENCE
		float iridescence;
		float iridescenceIOR;
		float iridescenceThickness;
		vec3 iridescenceFresnel;
		vec3 iridescenceF0Dielectric;
		vec3 iridescenceF0Metallic;
	#endif
	#ifdef USE_SHEEN
		vec3 sheenColor;
		float sheenRoughness;
	#endif
	#ifdef IOR
		float ior;
	#endif
	#ifdef USE_TRANSMISSION
		float transmission;
		float transmissionAlpha;
		float thickness;
		float attenuationDistance;
		vec3 attenuationColor;
	#endif
	#ifdef USE_ANISOTROPY
		float anisotropy;
		float alphaT;
		vec3 anisotropyT;
		vec3 anisotropyB;
	#endif
};
vec3 clearcoatSpecularDirect = vec3( 0.0 );
vec3 clearcoatSpecularIndirect = vec3( 0.0 );
vec3 sheenSpecularDirect = vec3( 0.0 );
vec3 sheenSpecularIndirect = vec3(0.0 );
vec3 Schlick_to_F0( const in vec3 f, const in float f90, const in float dotVH ) {
    float x = clamp( 1.0 - dotVH, 0.0, 1.0 );
    float x2 = x * x;
    float x5 = clamp( x * x2 * x2, 0.0, 0.9999 );
    return ( f - vec3( f90 ) * x5 ) / ( 1.0 - x5 );
}
#ifdef USE_DIFFUSE_ROUGHNESS
	const float EON_EPSILON = 1e-7;
	float FON_DirectionalAlbedo( const in float mu, const in float roughness, const in float A ) {
		float muComp = 1.0 - mu;
		float gOverPi = muComp * ( 0.0571085289 + muComp * ( 0.491881867 + muComp * ( - 0.332181442 + muComp * 0.0714429953 ) ) );
		return A * ( 1.0 + roughness * gOverPi );
	}
	vec3 BRDF_EON( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 diffuseColor, const in float roughness ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return BRDF_Lambert( rho );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float s = dot( lightDir, viewDir ) - dotNL * dotNV;
		float sOverT = ( s > 0.0 ) ? s / max( max( dotNL, dotNV ), EON_EPSILON ) : s;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		vec3 singleScatter = rho * RECIPROCAL_PI * A * ( 1.0 + roughness * sOverT );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		float albedoV = FON_DirectionalAlbedo( dotNV, roughness, A );
		float albedoL = FON_DirectionalAlbedo( dotNL, roughness, A );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		vec3 multiScatter = rhoMultiScatter * RECIPROCAL_PI
			* max( EON_EPSILON, 1.0 - albedoV )
			* max( EON_EPSILON, 1.0 - albedoL )
			/ max( EON_EPSILON, 1.0 - averageAlbedo );
		return singleScatter + multiScatter;
	}
	vec3 EON_DirectionalAlbedo( const in vec3 diffuseColor, const in float roughness, const in float dotNV ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return rho;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		float directionalAlbedo = FON_DirectionalAlbedo( dotNV, roughness, A );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		return rho * directionalAlbedo + rhoMultiScatter * ( 1.0 - directionalAlbedo );
	}
#endif
float V_GGX_SmithCorrelated( const in float alpha, const in float dotNL, const in float dotNV ) {
	float a2 = pow2( alpha );
	float gv = dotNL * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNV ) );
	float gl = dotNV * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNL ) );
	return 0.5 / max( gv + gl, EPSILON );
}
float D_GGX( const in float alpha, const in float dotNH ) {
	float a2 = pow2( alpha );
	float denom = pow2( dotNH ) * ( a2 - 1.0 ) + 1.0;
	return RECIPROCAL_PI * a2 / pow2( denom );
}
#ifdef USE_ANISOTROPY
	float V_GGX_SmithCorrelated_Anisotropic( const in float alphaT, const in float alphaB, const in float dotTV, const in float dotBV, const in float dotTL, const in float dotBL, const in float dotNV, const in float dotNL ) {
		float gv = dotNL * length( vec3( alphaT * dotTV, alphaB * dotBV, dotNV ) );
		float gl = dotNV * length( vec3( alphaT * dotTL, alphaB * dotBL, dotNL ) );
		return 0.5 / max( gv + gl, EPSILON );
	}
	float D_GGX_Anisotropic( const in float alphaT, const in float alphaB, const in float dotNH, const in float dotTH, const in float dotBH ) {
		float a2 = alphaT * alphaB;
		highp vec3 v = vec3( alphaB * dotTH, alphaT * dotBH, a2 * dotNH );
		highp float v2 = dot( v, v );
		float w2 = a2 / v2;
		return RECIPROCAL_PI * a2 * pow2 ( w2 );
	}
#endif
#ifdef USE_CLEARCOAT
	vec3 BRDF_GGX_Clearcoat( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material) {
		vec3 f0 = material.clearcoatF0;
		float f90 = material.clearcoatF90;
		float roughness = max( material.clearcoatRoughness, 0.045 );
		float alpha = pow2( roughness );
		vec3 halfDir = normalize( lightDir + viewDir );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float dotNH = saturate( dot( normal, halfDir ) );
		float dotVH = saturate( dot( viewDir, halfDir ) );
		vec3 F = F_Schlick( f0, f90, dotVH );
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
		return F * ( V * D );
	}
#endif
vec3 BRDF_GGX( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material ) {
	vec3 f0 = material.specularColorBlended;
	float f90 = material.specularF90;
	float roughness = max( material.roughness, 0.045 );
	float alpha = pow2( roughness );
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( f0, f90, dotVH );
	#ifdef USE_IRIDESCENCE
		F = mix( F, material.iridescenceFresnel, material.iridescence );
	#endif
	#ifdef USE_ANISOTROPY
		float dotTL = dot( material.anisotropyT, lightDir );
		float dotTV = dot( material.anisotropyT, viewDir );
		float dotTH = dot( material.anisotropyT, halfDir );
		float dotBL = dot( material.anisotropyB, lightDir );
		float dotBV = dot( material.anisotropyB, viewDir );
		float dotBH = dot( material.anisotropyB, halfDir );
		float alphaT = max( material.alphaT, alpha );
		float V = V_GGX_SmithCorrelated_Anisotropic( alphaT, alpha, dotTV, dotBV, dotTL, dotBL, dotNV, dotNL );
		float D = D_GGX_Anisotropic( alphaT, alpha, dotNH, dotTH, dotBH );
	#else
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
	#endif
	return F * ( V * D );
}
vec2 LTC_Uv( const in vec3 N, const in vec3 V, const in float roughness ) {
	const float LUT_SIZE = 64.0;
	const float LUT_SCALE = ( LUT_SIZE - 1.0 ) / LUT_SIZE;
	const float LUT_BIAS = 0.5 / LUT_SIZE;
	float dotNV = saturate( dot( N, V ) );
	vec2 uv = vec2( roughness, sqrt( 1.0 - dotNV ) );
	uv = uv * LUT_SCALE + LUT_BIAS;
	return uv;
}
float LTC_ClippedSphereFormFactor( const in vec3 f ) {
	float l = length( f );
	return max( ( l * l + f.z ) / ( l + 1.0 ), 0.0 );
}
vec3 LTC_EdgeVectorFormFactor( const in vec3 v1, const in vec3 v2 ) {
	float x = dot( v1, v2 );
	float y = abs( x );
	float a = 0.8543985 + ( 0.4965155 + 0.0145206 * y ) * y;
	float b = 3.4175940 + ( 4.1616724 + y ) * y;
	float v = a / b;
	float theta_sintheta = ( x > 0.0 ) ? v : 0.5 * inversesqrt( max( 1.0 - x * x, 1e-7 ) ) - v;
	return cross( v1, v2 ) * theta_sintheta;
}
vec3 LTC_Evaluate( const in vec3 N, const in vec3 V, const in vec3 P, const in mat3 mInv, const in vec3 rectCoords[ 4 ] ) {
	vec3 v1 = rectCoords[ 1 ] - rectCoords[ 0 ];
	vec3 v2 = rectCoords[ 3 ] - rectCoords[ 0 ];
	vec3 lightNormal = cross( v1, v2 );
	if( dot( lightNormal, P - rectCoords[ 0 ] ) < 0.0 ) return vec3( 0.0 );
	vec3 T1, T2;
	T1 = normalize( V - N * dot( V, N ) );
	T2 = - cross( N, T1 );
	mat3 mat = mInv * transpose( mat3( T1, T2, N ) );
	vec3 coords[ 4 ];
	coords[ 0 ] = mat * ( rectCoords[ 0 ] - P );
	coords[ 1 ] = mat * ( rectCoords[ 1 ] - P );
	coords[ 2 ] = mat * ( rectCoords[ 2 ] - P );
	coords[ 3 ] = mat * ( rectCoords[ 3 ] - P );
	coords[ 0 ] = normalize( coords[ 0 ] );
	coords[ 1 ] = normalize( coords[ 1 ] );
	coords[ 2 ] = normalize( coords[ 2 ] );
	coords[ 3 ] = normalize( coords[ 3 ] );
	vec3 vectorFormFactor = vec3( 0.0 );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 0 ], coords[ 1 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 1 ], coords[ 2 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 2 ], coords[ 3 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 3 ], coords[ 0 ] );
	float result = LTC_ClippedSphereFormFactor( vectorFormFactor );
	return vec3( result );
}
#if defined( USE_SHEEN )
float D_Charlie( float roughness, float dotNH ) {
	float alpha = pow2( roughness );
	float invAlpha = 1.0 / alpha;
	float cos2h = dotNH * dotNH;
	float sin2h = max( 1.0 - cos2h, 0.0078125 );
	return ( 2.0 + invAlpha ) * pow( sin2h, invAlpha * 0.5 ) / ( 2.0 * PI );
}
float V_Neubelt( float dotNV, float dotNL ) {
	return saturate( 1.0 / ( 4.0 * ( dotNL + dotNV - dotNL * dotNV ) ) );
}
vec3 BRDF_Sheen( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, vec3 sheenColor, const in float sheenRoughness ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float D = D_Charlie( sheenRoughness, dotNH );
	float V = V_Neubelt( dotNV, dotNL );
	return sheenColor * ( D * V );
}
#endif
float IBLSheenBRDF( const in vec3 normal, const in vec3 viewDir, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	float r2 = roughness * roughness;
	float rInv = 1.0 / ( roughness + 0.1 );
	float a = -1.9362 + 1.0678 * roughness + 0.4573 * r2 - 0.8469 * rInv;
	float b = -0.6014 + 0.5538 * roughness - 0.4670 * r2 - 0.1255 * rInv;
	float DG = exp( a * dotNV + b );
	return saturate( DG );
}
vec3 EnvironmentBRDF( const in vec3 normal, const in vec3 viewDir, const in vec3 specularColor, const in float specularF90, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	vec2 fab = texture2D( dfgLUT, vec2( roughness, dotNV ) ).rg;
	return specularColor * fab.x + specularF90 * fab.y;
}
#ifdef USE_IRIDESCENCE
void computeMultiscatteringIridescence( const in vec2 fab, const in vec3 specularColor, const in float specularF90, const in float iridescence, const in vec3 iridescenceF0, inout vec3 singleScatter, inout vec3 multiScatter ) {
#else
void computeMultiscattering( const in vec2 fab, const in vec3 specularColor, const in float specularF90, inout vec3 singleScatter, inout vec3 multiScatter ) {
#endif
	#ifdef USE_IRIDESCENCE
		vec3 Fr = mix( specularColor, iridescenceF0, iridescence );
	#else
		vec3 Fr = specularColor;
	#endif
	vec3 FssEss = Fr * fab.x + specularF90 * fab.y;
	float Ess = fab.x + fab.y;
	float Ems = 1.0 - Ess;
	vec3 Favg = Fr + ( 1.0 - Fr ) * 0.047619;	vec3 Fms = FssEss * Favg / ( 1.0 - Ems * Favg );
	singleScatter += FssEss;
	multiScatter += Fms * Ems;
}
#if NUM_RECT_AREA_LIGHTS > 0
	void RE_Direct_RectArea_Physical( const in RectAreaLight rectAreaLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
		vec3 normal = geometryNormal;
		vec3 viewDir = geometryViewDir;
		vec3 position = geometryPosition;
		vec3 lightPos = rectAreaLight.position;
		vec3 halfWidth = rectAreaLight.halfWidth;
		vec3 halfHeight = rectAreaLight.halfHeight;
		vec3 lightColor = rectAreaLight.color;
		float roughness = material.roughness;
		vec3 rectCoords[ 4 ];
		rectCoords[ 0 ] = lightPos + halfWidth - halfHeight;		rectCoords[ 1 ] = lightPos - halfWidth - halfHeight;
		rectCoords[ 2 ] = lightPos - halfWidth + halfHeight;
		rectCoords[ 3 ] = lightPos + halfWidth + halfHeight;
		vec2 uv = LTC_Uv( normal, viewDir, roughness );
		vec4 t1 = texture2D( ltc_1, uv );
		vec4 t2 = texture2D( ltc_2, uv );
		mat3 mInv = mat3(
			vec3( t1.x, 0, t1.y ),
			vec3(    0, 1,    0 ),
			vec3( t1.z, 0, t1.w )
		);
		vec3 fresnel = ( material.specularColorBlended * t2.x + ( material.specularF90 - material.specularColorBlended ) * t2.y );
		reflectedLight.directSpecular += lightColor * fresnel * LTC_Evaluate( normal, viewDir, position, mInv, rectCoords );
		reflectedLight.directDiffuse += lightColor * material.diffuseContribution * LTC_Evaluate( normal, viewDir, position, mat3( 1.0 ), rectCoords );
		#ifdef USE_CLEARCOAT
			vec3 Ncc = geometryClearcoatNormal;
			vec2 uvClearcoat = LTC_Uv( Ncc, viewDir, material.clearcoatRoughness );
			vec4 t1Clearcoat = texture2D( ltc_1, uvClearcoat );
			vec4 t2Clearcoat = texture2D( ltc_2, uvClearcoat );
			mat3 mInvClearcoat = mat3(
				vec3( t1Clearcoat.x, 0, t1Clearcoat.y ),
				vec3(             0, 1,             0 ),
				vec3( t1Clearcoat.z, 0, t1Clearcoat.w )
			);
			vec3 fresnelClearcoat = material.clearcoatF0 * t2Clearcoat.x + ( material.clearcoatF90 - material.clearcoatF0 ) * t2Clearcoat.y;
			clearcoatSpecularDirect += lightColor * fresnelClearcoat * LTC_Evaluate( Ncc, viewDir, position, mInvClearcoat, rectCoords );
		#endif
	}
#endif
void RE_Direct_Physical( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	#ifdef USE_CLEARCOAT
		float dotNLcc = saturate( dot( geometryClearcoatNormal, directLight.direction ) );
		vec3 ccIrradiance = dotNLcc * directLight.color;
		clearcoatSpecularDirect += ccIrradiance * BRDF_GGX_Clearcoat( directLight.direction, geometryViewDir, geometryClearcoatNormal, material );
	#endif
	#ifdef USE_SHEEN
 
 		sheenSpecularDirect += irradiance * BRDF_Sheen( directLight.direction, geometryViewDir, geometryNormal, material.sheenColor, material.sheenRoughness );
 
 		float sheenAlbedoV = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
 		float sheenAlbedoL = IBLSheenBRDF( geometryNormal, directLight.direction, material.sheenRoughness );
 
 		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * max( sheenAlbedoV, sheenAlbedoL );
 
 		irradiance *= sheenEnergyComp;
 
 	#endif
	vec3 specularBRDF = BRDF_GGX( directLight.direction, geometryViewDir, geometryNormal, material );
	#ifdef USE_RETROREFLECTION
		vec3 retroViewDir = reflect( - geometryViewDir, geometryNormal );
		vec3 retroSpecularBRDF = BRDF_GGX( directLight.direction, retroViewDir, geometryNormal, material );
		specularBRDF = mix( specularBRDF, retroSpecularBRDF, saturate( material.retroreflectivity ) );
	#endif
	reflectedLight.directSpecular += irradiance * specularBRDF * material.multiScatteringCompensation;
	vec3 halfDir = normalize( directLight.direction + geometryViewDir );
	float dotVH = saturate( dot( geometryViewDir, halfDir ) );
	vec3 F = F_Schlick( material.specularColor, material.specularF90, dotVH );
	#ifdef USE_RETROREFLECTION
		vec3 retroHalfDir = normalize( directLight.direction + retroViewDir );
		float dotRetroVH = saturate( dot( retroViewDir, retroHalfDir ) );
		vec3 retroF = F_Schlick( material.specularColor, material.specularF90, dotRetroVH );
		F = mix( F, retroF, saturate( material.retroreflectivity ) );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		vec3 diffuseBRDF = BRDF_EON( directLight.direction, geometryViewDir, geometryNormal, material.diffuseColor, material.diffuseRoughness ) * ( 1.0 - material.metalness );
	#else
		vec3 diffuseBRDF = BRDF_Lambert( material.diffuseContribution );
	#endif
	reflectedLight.directDiffuse += irradiance * diffuseBRDF * ( 1.0 - F );
}
void RE_IndirectDiffuse_Physical( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 singleScattering = vec3( 0.0 );
	vec3 multiScattering = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScattering, multiScattering );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScattering, multiScattering );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuseAlbedo = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness );
		vec3 diffuse = irradiance * RECIPROCAL_PI * diffuseAlbedo * ( 1.0 - singleScattering - multiScattering );
	#else
		vec3 diffuse = irradiance * BRDF_Lambert( material.diffuseContribution ) * ( 1.0 - singleScattering - multiScattering );
	#endif
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		sheenSpecularIndirect += irradiance * material.sheenColor * sheenAlbedo * RECIPROCAL_PI;
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		diffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectDiffuse += diffuse;
}
void RE_IndirectSpecular_Physical( const in vec3 radiance, const in vec3 irradiance, const in vec3 clearcoatRadiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight) {
	#ifdef USE_CLEARCOAT
		clearcoatSpecularIndirect += clearcoatRadiance * EnvironmentBRDF( geometryClearcoatNormal, geometryViewDir, material.clearcoatF0, material.clearcoatF90, material.clearcoatRoughness );
	#endif
	#ifdef USE_SHEEN
		sheenSpecularIndirect += irradiance * material.sheenColor * IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness ) * RECIPROCAL_PI;
 	#endif
	vec3 singleScatteringDielectric = vec3( 0.0 );
	vec3 multiScatteringDielectric = vec3( 0.0 );
	vec3 singleScatteringMetallic = vec3( 0.0 );
	vec3 multiScatteringMetallic = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscatteringIridescence( material.dfg, material.diffuseColor, material.specularF90, material.iridescence, material.iridescenceF0Metallic, singleScatteringMetallic, multiScatteringMetallic );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscattering( material.dfg, material.diffuseColor, material.specularF90, singleScatteringMetallic, multiScatteringMetallic );
	#endif
	vec3 singleScattering = mix( singleScatteringDielectric, singleScatteringMetallic, material.metalness );
	vec3 multiScattering = mix( multiScatteringDielectric, multiScatteringMetallic, material.metalness );
	vec3 totalScatteringDielectric = singleScatteringDielectric + multiScatteringDielectric;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuse = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness ) * ( 1.0 - totalScatteringDielectric );
	#else
		vec3 diffuse = material.diffuseContribution * ( 1.0 - totalScatteringDielectric );
	#endif
	vec3 cosineWeightedIrradiance = irradiance * RECIPROCAL_PI;
	vec3 indirectSpecular = radiance * singleScattering;
	indirectSpecular += multiScattering * cosineWeightedIrradiance;
	vec3 indirectDiffuse = diffuse * cosineWeightedIrradiance;
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		indirectSpecular *= sheenEnergyComp;
		indirectDiffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectSpecular += indirectSpecular;
	reflectedLight.indirectDiffuse += indirectDiffuse;
}
#define RE_Direct				RE_Direct_Physical
#define RE_Direct_RectArea		RE_Direct_RectArea_Physical
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Physical
#define RE_IndirectSpecular		RE_IndirectSpecular_Physical
float computeSpecularOcclusion( const in float dotNV, const in float ambientOcclusion, const in float roughness ) {
	return saturate( pow( dotNV + ambientOcclusion, exp2( - 16.0 * roughness - 1.0 ) ) - 1.0 + ambientOcclusion );
}`,a_=`
vec3 geometryPosition = - vViewPosition;
vec3 geometryNormal = normal;
vec3 geometryViewDir = ( isOrthographic ) ? vec3( 0, 0, 1 ) : normalize( vViewPosition );
vec3 geometryClearcoatNormal = vec3( 0.0 );
#ifdef USE_CLEARCOAT
	geometryClearcoatNormal = clearcoatNormal;
#endif
#ifdef USE_IRIDESCENCE
	float dotNVi = saturate( dot( normal, geometryViewDir ) );
	if ( material.iridescenceThickness == 0.0 ) {
		material.iridescence = 0.0;
	} else {
		material.iridescence = saturate( material.iridescence );
	}
	if ( material.iridescence > 0.0 ) {
		vec3 iridescenceFresnelDielectric = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.specularColor );
		vec3 iridescenceFresnelMetallic = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.diffuseColor );
		material.iridescenceFresnel = mix( iridescenceFresnelDielectric, iridescenceFresnelMetallic, material.metalness );
		material.iridescenceF0Dielectric = Schlick_to_F0( iridescenceFresnelDielectric, 1.0, dotNVi );
		material.iridescenceF0Metallic = Schlick_to_F0( iridescenceFresnelMetallic, 1.0, dotNVi );
	}
#endif
#ifdef STANDARD
	float dotNVms = saturate( dot( geometryNormal, geometryViewDir ) );
	material.dfg = texture2D( dfgLUT, vec2( material.roughness, dotNVms ) ).rg;
	#if ( NUM_SUN_LIGHTS > 0 || NUM_DIR_LIGHTS > 0 || NUM_POINT_LIGHTS > 0 || NUM_SPOT_LIGHTS > 0 )
		float EssMs = material.dfg.x + material.dfg.y;
		material.multiScatteringCompensation = 1.0 + material.specularColorBlended * ( 1.0 / EssMs - 1.0 );
	#endif
#endif
IncidentLight directLight;
#if ( NUM_POINT_LIGHTS > 0 ) && defined( RE_Direct )
	PointLight pointLight;
	#if defined( USE_SHADOWMAP ) && NUM_POINT_LIGHT_SHADOWS > 0
	PointLightShadow pointLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHTS; i ++ ) {
		pointLight = pointLights[ i ];
		getPointLightInfo( pointLight, geometryPosition, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_POINT_LIGHT_SHADOWS ) && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
		pointLightShadow = pointLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getPointShadow( pointShadowMap[ i ], pointLightShadow.shadowMapSize, pointLightShadow.shadowIntensity, pointLightShadow.shadowBias, pointLightShadow.shadowRadius, vPointShadowCoord[ i ], pointLightShadow.shadowCameraNear, pointLightShadow.shadowCameraFar ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SPOT_LIGHTS > 0 ) && defined( RE_Direct )
	SpotLight spotLight;
	vec4 spotColor;
	vec3 spotLightCoord;
	bool inSpotLightMap;
	#if defined( USE_SHADOWMAP ) && NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHTS; i ++ ) {
		spotLight = spotLights[ i ];
		getSpotLightInfo( spotLight, geometryPosition, directLight );
		#if ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#define SPOT_LIGHT_MAP_INDEX UNROLLED_LOOP_INDEX
		#elif ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		#define SPOT_LIGHT_MAP_INDEX NUM_SPOT_LIGHT_MAPS
		#else
		#define SPOT_LIGHT_MAP_INDEX ( UNROLLED_LOOP_INDEX - NUM_SPOT_LIGHT_SHADOWS + NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#endif
		#if ( SPOT_LIGHT_MAP_INDEX < NUM_SPOT_LIGHT_MAPS )
			spotLightCoord = vSpotLightCoord[ i ].xyz / vSpotLightCoord[ i ].w;
			inSpotLightMap = all( lessThan( abs( spotLightCoord * 2. - 1. ), vec3( 1.0 ) ) );
			spotColor = texture2D( spotLightMap[ SPOT_LIGHT_MAP_INDEX ], spotLightCoord.xy );
			directLight.color = inSpotLightMap ? directLight.color * spotColor.rgb : directLight.color;
		#endif
		#undef SPOT_LIGHT_MAP_INDEX
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		spotLightShadow = spotLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( spotShadowMap[ i ], spotLightShadow.shadowMapSize, spotLightShadow.shadowIntensity, spotLightShadow.shadowBias, spotLightShadow.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SUN_LIGHTS > 0 ) && defined( RE_Direct )
	SunLight sunLight;
	#if defined( USE_SHADOWMAP ) && NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHTS; i ++ ) {
		sunLight = sunLights[ i ];
		getSunLightInfo( sunLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SUN_LIGHT_SHADOWS )
		sunLightShadow = sunLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getSunShadow( sunShadowMap[ i ], sunLightShadow, UNROLLED_LOOP_INDEX ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_DIR_LIGHTS > 0 ) && defined( RE_Direct )
	DirectionalLight directionalLight;
	#if defined( USE_SHADOWMAP ) && NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHTS; i ++ ) {
		directionalLight = directionalLights[ i ];
		getDirectionalLightInfo( directionalLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_DIR_LIGHT_SHADOWS )
		directionalLightShadow = directionalLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( directionalShadowMap[ i ], directionalLightShadow.shadowMapSize, directionalLightShadow.shadowIntensity, directionalLightShadow.shadowBias, directionalLightShadow.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_RECT_AREA_LIGHTS > 0 ) && defined( RE_Direct_RectArea )
	RectAreaLight rectAreaLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_RECT_AREA_LIGHTS; i ++ ) {
		rectAreaLight = rectAreaLights[ i ];
		RE_Direct_RectArea( rectAreaLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if defined( RE_IndirectDiffuse )
	vec3 iblIrradiance = vec3( 0.0 );
	vec3 irradiance = getAmbientLightIrradiance( ambientLightColor );
	#if defined( USE_LIGHT_PROBES )
		irradiance += getLightProbeIrradiance( lightProbe, geometryNormal );
	#endif
	#if ( NUM_HEMI_LIGHTS > 0 )
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_HEMI_LIGHTS; i ++ ) {
			irradiance += getHemisphereLightIrradiance( hemisphereLights[ i ], geometryNormal );
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_LIGHT_PROBE_GRIDS > 0
		vec3 probeWorldPos = ( ( vec4( geometryPosition, 1.0 ) - viewMatrix[ 3 ] ) * viewMatrix ).xyz;
		vec3 probeWorldNormal = transformNormalByInverseViewMatrix( geometryNormal, viewMatrix );
		int probeGrid = - 1;
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( isInsideLightProbeGrid( probeWorldPos, probeWorldNormal, probesMin[ i ], probesMax[ i ], probesResolution[ i ] ) ) probeGrid = UNROLLED_LOOP_INDEX;
		}
		#pragma unroll_loop_end
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( probeGrid == UNROLLED_LOOP_INDEX ) irradiance += getLightProbeGridIrradiance( probesSH[ i ], probesMin[ i ], probesMax[ i ], probesResolution[ i ], probeWorldPos, probeWorldNormal );
		}
		#pragma unroll_loop_end
	#endif
#endif
#if defined( RE_IndirectSpecular )
	vec3 radiance = vec3( 0.0 );
	vec3 clearcoatRadiance = vec3( 0.0 );
#endif`,l_=`#if defined( RE_IndirectDiffuse )
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		vec3 lightMapIrradiance = lightMapTexel.rgb * lightMapIntensity;
		irradiance += lightMapIrradiance;
	#endif
	#if defined( USE_ENVMAP ) && defined( ENVMAP_TYPE_PMREM )
		#if defined( STANDARD ) || defined( LAMBERT ) || defined( PHONG )
			iblIrradiance += getIBLIrradiance( geometryNormal );
		#endif
	#endif
#endif
#if defined( USE_ENVMAP ) && defined( RE_IndirectSpecular )
	#ifdef USE_ANISOTROPY
		vec3 iblRadiance = getIBLAnisotropyRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
	#else
		vec3 iblRadiance = getIBLRadiance( geometryViewDir, geometryNormal, material.roughness );
	#endif
	#ifdef USE_RETROREFLECTION
		#ifdef USE_ANISOTROPY
			vec3 retroIBLRadiance = getIBLAnisotropyRetroRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
		#else
			vec3 retroIBLRadiance = getIBLRetroRadiance( geometryViewDir, geometryNormal, material.roughness );
		#endif
		iblRadiance = mix( iblRadiance, retroIBLRadiance, saturate( material.retroreflectivity ) );
	#endif
	radiance += iblRadiance;
	#ifdef USE_CLEARCOAT
		clearcoatRadiance += getIBLRadiance( geometryViewDir, geometryClearcoatNormal, material.clearcoatRoughness );
	#endif
#endif`,c_=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,h_=`#if NUM_LIGHT_PROBE_GRIDS > 0
uniform highp sampler3D probesSH[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMin[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMax[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesResolution[ NUM_LIGHT_PROBE_GRIDS ];
bool isInsideLightProbeGrid( vec3 worldPos, vec3 worldNormal, vec3 probesMin, vec3 probesMax, vec3 probesResolution ) {
	vec3 spacing = ( probesMax - probesMin ) / probesResolution;
	vec3 samplePos = worldPos + worldNormal * spacing * 0.5;
	vec3 margin = spacing * 0.01;
	return all( greaterThanEqual( samplePos, probesMin - margin ) ) && all( lessThanEqual( samplePos, probesMax + margin ) );
}
vec3 getLightProbeGridIrradiance( highp sampler3D probesSH, vec3 probesMin, vec3 probesMax, vec3 probesResolution, vec3 worldPos, vec3 worldNormal ) {
	vec3 res = probesResolution;
	vec3 gridRange = probesMax - probesMin;
	vec3 probeSpacing = gridRange / res;
	vec3 samplePos = worldPos + worldNormal * probeSpacing * 0.5;
	vec3 uvw = clamp( ( samplePos - probesMin ) / gridRange, 0.5 / res, 1.0 - 0.5 / res );
	float nz          = res.z;
	float paddedSlices = nz + 2.0;
	float atlasDepth  = 7.0 * paddedSlices;
	float uvZBase     = uvw.z * nz + 1.0;
	vec4 s0 = texture( probesSH, vec3( uvw.xy, ( uvZBase                       ) / atlasDepth ) );
	vec4 s1 = texture( probesSH, vec3( uvw.xy, ( uvZBase +       paddedSlices   ) / atlasDepth ) );
	vec4 s2 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 2.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s3 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 3.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s4 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 4.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s5 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 5.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s6 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 6.0 * paddedSlices   ) / atlasDepth ) );
	vec3 c0 = s0.xyz;
	vec3 c1 = vec3( s0.w, s1.xy );
	vec3 c2 = vec3( s1.zw, s2.x );
	vec3 c3 = s2.yzw;
	vec3 c4 = s3.xyz;
	vec3 c5 = vec3( s3.w, s4.xy );
	vec3 c6 = vec3( s4.zw, s5.x );
	vec3 c7 = s5.yzw;
	vec3 c8 = s6.xyz;
	float x = worldNormal.x, y = worldNormal.y, z = worldNormal.z;
	vec3 result = c0 * 0.886227;
	result += c1 * 2.0 * 0.511664 * y;
	result += c2 * 2.0 * 0.511664 * z;
	result += c3 * 2.0 * 0.511664 * x;
	result += c4 * 2.0 * 0.429043 * x * y;
	result += c5 * 2.0 * 0.429043 * y * z;
	result += c6 * ( 0.743125 * z * z - 0.247708 );
	result += c7 * 2.0 * 0.429043 * x * z;
	result += c8 * 0.429043 * ( x * x - y * y );
	return max( result, vec3( 0.0 ) );
}
#endif`,u_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,d_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,f_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,p_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,m_=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,g_=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,y_=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
	#if defined( USE_POINTS_UV )
		vec2 uv = vUv;
	#else
		vec2 uv = ( uvTransform * vec3( gl_PointCoord.x, 1.0 - gl_PointCoord.y, 1 ) ).xy;
	#endif
#endif
#ifdef USE_MAP
	diffuseColor *= texture2D( map, uv );
#endif
#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, uv ).g;
#endif`,x_=`#if defined( USE_POINTS_UV )
	varying vec2 vUv;
#else
	#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
		uniform mat3 uvTransform;
	#endif
#endif
#ifdef USE_MAP
	uniform sampler2D map;
#endif
#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,__=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,v_=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,b_=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,w_=`#if defined( USE_MORPHCOLORS )
	#if defined( USE_COLOR_ALPHA )
		vColor *= morphTargetBaseInfluence;
	#elif defined( USE_COLOR )
		vColor.rgb *= morphTargetBaseInfluence;
	#endif
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		#if defined( USE_COLOR_ALPHA )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor += getMorph( gl_VertexID, i, 2 ) * morphTargetInfluences[ i ];
		#elif defined( USE_COLOR )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor.rgb += getMorph( gl_VertexID, i, 2 ).rgb * morphTargetInfluences[ i ];
		#endif
	}
#endif`,S_=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,M_=`#ifdef USE_MORPHTARGETS
	#ifndef USE_INSTANCING_MORPH
		uniform float morphTargetBaseInfluence;
		uniform float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	#endif
	uniform sampler2DArray morphTargetsTexture;
	uniform ivec2 morphTargetsTextureSize;
	vec4 getMorph( const in int vertexIndex, const in int morphTargetIndex, const in int offset ) {
		int texelIndex = vertexIndex * MORPHTARGETS_TEXTURE_STRIDE + offset;
		int y = texelIndex / morphTargetsTextureSize.x;
		int x = texelIndex - y * morphTargetsTextureSize.x;
		ivec3 morphUV = ivec3( x, y, morphTargetIndex );
		return texelFetch( morphTargetsTexture, morphUV, 0 );
	}
#endif`,E_=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,T_=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
#ifdef FLAT_SHADED
	vec3 fdx = dFdx( vViewPosition );
	vec3 fdy = dFdy( vViewPosition );
	vec3 normal = normalize( cross( fdx, fdy ) );
#else
	vec3 normal = normalize( vNormal );
	#ifdef DOUBLE_SIDED
		normal *= faceDirection;
	#endif
#endif
#if defined( USE_NORMALMAP_TANGENTSPACE ) || defined( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY )
	#ifdef USE_TANGENT
		mat3 tbn = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn = getTangentFrame( - vViewPosition, normal,
		#if defined( USE_NORMALMAP )
			vNormalMapUv
		#elif defined( USE_CLEARCOAT_NORMALMAP )
			vClearcoatNormalMapUv
		#else
			vUv
		#endif
		);
	#endif
	#ifdef DOUBLE_SIDED
		tbn[0] *= faceDirection;
		tbn[1] *= faceDirection;
	#endif
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	#ifdef USE_TANGENT
		mat3 tbn2 = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn2 = getTangentFrame( - vViewPosition, normal, vClearcoatNormalMapUv );
	#endif
	#ifdef DOUBLE_SIDED
		tbn2[0] *= faceDirection;
		tbn2[1] *= faceDirection;
	#endif
#endif
vec3 nonPerturbedNormal = normal;`,A_=`#ifdef USE_NORMALMAP_OBJECTSPACE
	normal = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#ifdef FLIP_SIDED
		normal = - normal;
	#endif
	#ifdef DOUBLE_SIDED
		normal = normal * faceDirection;
	#endif
	normal = normalize( normalMatrix * normal );
#elif defined( USE_NORMALMAP_TANGENTSPACE )
	vec3 mapN = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#if defined( USE_PACKED_NORMALMAP )
		mapN = vec3( mapN.xy, sqrt( saturate( 1.0 - dot( mapN.xy, mapN.xy ) ) ) );
	#endif
	mapN.xy *= normalScale;
	normal = normalize( tbn * mapN );
#elif defined( USE_BUMPMAP )
	normal = perturbNormalArb( - vViewPosition, normal, dHdxy_fwd(), faceDirection );
#endif`,C_=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,R_=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,P_=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,I_=`#ifdef USE_NORMALMAP
	uniform sampler2D normalMap;
	uniform vec2 normalScale;
#endif
#ifdef USE_NORMALMAP_OBJECTSPACE
	uniform mat3 normalMatrix;
#endif
#if ! defined ( USE_TANGENT ) && ( defined ( USE_NORMALMAP_TANGENTSPACE ) || defined ( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY ) )
	mat3 getTangentFrame( vec3 eye_pos, vec3 surf_norm, vec2 uv ) {
		vec3 q0 = dFdx( eye_pos.xyz );
		vec3 q1 = dFdy( eye_pos.xyz );
		vec2 st0 = dFdx( uv.st );
		vec2 st1 = dFdy( uv.st );
		vec3 N = surf_norm;
		vec3 q1perp = cross( q1, N );
		vec3 q0perp = cross( N, q0 );
		vec3 T = q1perp * st0.x + q0perp * st1.x;
		vec3 B = q1perp * st0.y + q0perp * st1.y;
		float det = max( dot( T, T ), dot( B, B ) );
		float scale = ( det == 0.0 ) ? 0.0 : inversesqrt( det );
		return mat3( T * scale, B * scale, N );
	}
#endif`,L_=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,N_=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,D_=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,U_=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,O_=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,F_=`vec3 packNormalToRGB( const in vec3 normal ) {
	return normalize( normal ) * 0.5 + 0.5;
}
vec3 unpackRGBToNormal( const in vec3 rgb ) {
	return 2.0 * rgb.xyz - 1.0;
}
const float PackUpscale = 256. / 255.;const float UnpackDownscale = 255. / 256.;const float ShiftRight8 = 1. / 256.;
const float Inv255 = 1. / 255.;
const vec4 PackFactors = vec4( 1.0, 256.0, 256.0 * 256.0, 256.0 * 256.0 * 256.0 );
const vec2 UnpackFactors2 = vec2( UnpackDownscale, 1.0 / PackFactors.g );
const vec3 UnpackFactors3 = vec3( UnpackDownscale / PackFactors.rg, 1.0 / PackFactors.b );
const vec4 UnpackFactors4 = vec4( UnpackDownscale / PackFactors.rgb, 1.0 / PackFactors.a );
vec4 packDepthToRGBA( const in float v ) {
	if( v <= 0.0 )
		return vec4( 0., 0., 0., 0. );
	if( v >= 1.0 )
		return vec4( 1., 1., 1., 1. );
	float vuf;
	float af = modf( v * PackFactors.a, vuf );
	float bf = modf( vuf * ShiftRight8, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec4( vuf * Inv255, gf * PackUpscale, bf * PackUpscale, af );
}
vec3 packDepthToRGB( const in float v ) {
	if( v <= 0.0 )
		return vec3( 0., 0., 0. );
	if( v >= 1.0 )
		return vec3( 1., 1., 1. );
	float vuf;
	float bf = modf( v * PackFactors.b, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec3( vuf * Inv255, gf * PackUpscale, bf );
}
vec2 packDepthToRG( const in float v ) {
	if( v <= 0.0 )
		return vec2( 0., 0. );
	if( v >= 1.0 )
		return vec2( 1., 1. );
	float vuf;
	float gf = modf( v * 256., vuf );
	return vec2( vuf * Inv255, gf );
}
float unpackRGBAToDepth( const in vec4 v ) {
	return dot( v, UnpackFactors4 );
}
float unpackRGBToDepth( const in vec3 v ) {
	return dot( v, UnpackFactors3 );
}
float unpackRGToDepth( const in vec2 v ) {
	return v.r * UnpackFactors2.r + v.g * UnpackFactors2.g;
}
vec4 pack2HalfToRGBA( const in vec2 v ) {
	vec4 r = vec4( v.x, fract( v.x * 255.0 ), v.y, fract( v.y * 255.0 ) );
	return vec4( r.x - r.y / 255.0, r.y, r.z - r.w / 255.0, r.w );
}
vec2 unpackRGBATo2Half( const in vec4 v ) {
	return vec2( v.x + ( v.y / 255.0 ), v.z + ( v.w / 255.0 ) );
}
float viewZToOrthographicDepth( const in float viewZ, const in float near, const in float far ) {
	return ( viewZ + near ) / ( near - far );
}
float orthographicDepthToViewZ( const in float depth, const in float near, const in float far ) {
	#ifdef USE_REVERSED_DEPTH_BUFFER
	
		return depth * ( far - near ) - far;
	#else
		return depth * ( near - far ) - near;
	#endif
}
float viewZToPerspectiveDepth( const in float viewZ, const in float near, const in float far ) {
	return ( ( near + viewZ ) * far ) / ( ( far - near ) * viewZ );
}
float perspectiveDepthToViewZ( const in float depth, const in float near, const in float far ) {
	
	#ifdef USE_REVERSED_DEPTH_BUFFER
		return ( near * far ) / ( ( near - far ) * depth - near );
	#else
		return ( near * far ) / ( ( far - near ) * depth - far );
	#endif
}`,k_=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,B_=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,z_=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,V_=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,H_=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,G_=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,W_=`#if NUM_SPOT_LIGHT_COORDS > 0
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#if NUM_SPOT_LIGHT_MAPS > 0
	uniform sampler2D spotLightMap[ NUM_SPOT_LIGHT_MAPS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		#define SUN_LIGHT_CASCADES 2
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#else
			uniform sampler2D sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#endif
		uniform mat4 sunShadowMatrix[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		uniform vec4 sunShadowCascade[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
		struct SunLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SunLightShadow sunLightShadows[ NUM_SUN_LIGHT_SHADOWS ];
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#else
			uniform sampler2D directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#endif
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#else
			uniform sampler2D spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#endif
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform samplerCubeShadow pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#elif defined( SHADOWMAP_TYPE_BASIC )
			uniform samplerCube pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#endif
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float interleavedGradientNoise( vec2 position ) {
			return fract( 52.9829189 * fract( dot( position, vec2( 0.06711056, 0.00583715 ) ) ) );
		}
		vec2 vogelDiskSample( int sampleIndex, int samplesCount, float phi ) {
			const float goldenAngle = 2.399963229728653;
			float r = sqrt( ( float( sampleIndex ) + 0.5 ) / float( samplesCount ) );
			float theta = float( sampleIndex ) * goldenAngle + phi;
			return vec2( cos( theta ), sin( theta ) ) * r;
		}
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float getShadow( sampler2DShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 texelSize = vec2( 1.0 ) / shadowMapSize;
				vec2 radius = shadowRadius * texelSize;
				float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
				shadow = (
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 0, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 1, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 2, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 3, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 4, 5, phi ) * radius, shadowCoord.z ) )
				) * 0.2;
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#elif defined( SHADOWMAP_TYPE_VSM )
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 distribution = texture2D( shadowMap, shadowCoord.xy ).rg;
				float mean = distribution.x;
				float variance = distribution.y * distribution.y;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					float hard_shadow = step( mean, shadowCoord.z );
				#else
					float hard_shadow = step( shadowCoord.z, mean );
				#endif
				
				if ( hard_shadow == 1.0 ) {
					shadow = 1.0;
				} else {
					variance = max( variance, 0.0000001 );
					float d = shadowCoord.z - mean;
					float p_max = variance / ( variance + d * d );
					p_max = clamp( ( p_max - 0.3 ) / 0.65, 0.0, 1.0 );
					shadow = max( hard_shadow, p_max );
				}
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#else
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				float depth = texture2D( shadowMap, shadowCoord.xy ).r;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					shadow = step( depth, shadowCoord.z );
				#else
					shadow = step( shadowCoord.z, depth );
				#endif
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#endif
	#if NUM_SUN_LIGHT_SHADOWS > 0
		float getSunShadow(
			#if defined( SHADOWMAP_TYPE_PCF )
				sampler2DShadow shadowMap,
			#else
				sampler2D shadowMap,
			#endif
			SunLightShadow sunLightShadow,
			int shadowIndex
		) {
			vec4 shadowWorldPosition = vec4( vSunShadowWorldPosition.xyz + vSunShadowWorldNormal * sunLightShadow.shadowNormalBias, 1.0 );
			float viewDepth = vSunShadowWorldPosition.w;
			int cascadeOffset = shadowIndex * SUN_LIGHT_CASCADES;
			float shadow = 1.0;
			for ( int i = SUN_LIGHT_CASCADES - 1; i >= 0; i -- ) {
				vec4 cascade = sunShadowCascade[ cascadeOffset + i ];
				if ( viewDepth >= cascade.x && viewDepth < cascade.y ) {
					float cascadeShadow = getShadow(
						shadowMap,
						sunLightShadow.shadowMapSize,
						sunLightShadow.shadowIntensity,
						sunLightShadow.shadowBias,
						sunLightShadow.shadowRadius,
						sunShadowMatrix[ cascadeOffset + i ] * shadowWorldPosition
					);
					shadow = mix( cascadeShadow, shadow, smoothstep( cascade.z, cascade.y, viewDepth ) );
				}
			}
			return shadow;
		}
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
	#if defined( SHADOWMAP_TYPE_PCF )
	float getPointShadow( samplerCubeShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 bd3D = normalize( lightToPosition );
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float lightDistance = length( lightToPosition );
			float depthRange = shadowCameraFar - shadowCameraNear;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				float depthA = - shadowCameraNear / depthRange - shadowBias;
				float depthB = shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#else
				float depthA = shadowCameraFar / depthRange + shadowBias;
				float depthB = - shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#endif
			float texelSize = shadowRadius / shadowMapSize.x;
			vec3 absDir = abs( bd3D );
			vec3 tangent = absDir.x > absDir.z ? vec3( 0.0, 1.0, 0.0 ) : vec3( 1.0, 0.0, 0.0 );
			tangent = normalize( cross( bd3D, tangent ) );
			vec3 bitangent = cross( bd3D, tangent );
			float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
			shadow = 0.0;
			for ( int i = 0; i < 5; i ++ ) {
				vec2 offset = vogelDiskSample( i, 5, phi );
				vec3 direction = bd3D + ( tangent * offset.x + bitangent * offset.y ) * texelSize;
				vec3 absDirection = abs( direction );
				float dp = depthA + depthB / max( max( absDirection.x, absDirection.y ), absDirection.z );
				shadow += texture( shadowMap, vec4( direction, dp ) );
			}
			shadow *= 0.2;
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#elif defined( SHADOWMAP_TYPE_BASIC )
	float getPointShadow( samplerCube shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float dp = ( shadowCameraFar * ( viewSpaceZ - shadowCameraNear ) ) / ( viewSpaceZ * ( shadowCameraFar - shadowCameraNear ) );
			dp += shadowBias;
			vec3 bd3D = normalize( lightToPosition );
			float depth = textureCube( shadowMap, bd3D ).r;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				depth = 1.0 - depth;
			#endif
			shadow = step( dp, depth );
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#endif
	#endif
#endif`,q_=`#if NUM_SPOT_LIGHT_COORDS > 0
	uniform mat4 spotLightMatrix[ NUM_SPOT_LIGHT_COORDS ];
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		uniform mat4 directionalShadowMatrix[ NUM_DIR_LIGHT_SHADOWS ];
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		uniform mat4 pointShadowMatrix[ NUM_POINT_LIGHT_SHADOWS ];
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
#endif`,X_=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
	#ifdef HAS_NORMAL
		vec3 shadowWorldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
	#else
		vec3 shadowWorldNormal = vec3( 0.0 );
	#endif
	vec4 shadowWorldPosition;
#endif
#if defined( USE_SHADOWMAP )
	#if NUM_SUN_LIGHT_SHADOWS > 0
		vSunShadowWorldPosition = vec4( worldPosition.xyz, - mvPosition.z );
		vSunShadowWorldNormal = shadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * directionalLightShadows[ i ].shadowNormalBias, 0 );
			vDirectionalShadowCoord[ i ] = directionalShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * pointLightShadows[ i ].shadowNormalBias, 0 );
			vPointShadowCoord[ i ] = pointShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
#endif
#if NUM_SPOT_LIGHT_COORDS > 0
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_COORDS; i ++ ) {
		shadowWorldPosition = worldPosition;
		#if ( defined( USE_SHADOWMAP ) && UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
			shadowWorldPosition.xyz += shadowWorldNormal * spotLightShadows[ i ].shadowNormalBias;
		#endif
		vSpotLightCoord[ i ] = spotLightMatrix[ i ] * shadowWorldPosition;
	}
	#pragma unroll_loop_end
#endif`,$_=`float getShadowMask() {
	float shadow = 1.0;
	#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHT_SHADOWS; i ++ ) {
		sunLight = sunLightShadows[ i ];
		shadow *= receiveShadow ? getSunShadow( sunShadowMap[ i ], sunLight, UNROLLED_LOOP_INDEX ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
		directionalLight = directionalLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( directionalShadowMap[ i ], directionalLight.shadowMapSize, directionalLight.shadowIntensity, directionalLight.shadowBias, directionalLight.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_SHADOWS; i ++ ) {
		spotLight = spotLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( spotShadowMap[ i ], spotLight.shadowMapSize, spotLight.shadowIntensity, spotLight.shadowBias, spotLight.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0 && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
	PointLightShadow pointLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
		pointLight = pointLightShadows[ i ];
		shadow *= receiveShadow ? getPointShadow( pointShadowMap[ i ], pointLight.shadowMapSize, pointLight.shadowIntensity, pointLight.shadowBias, pointLight.shadowRadius, vPointShadowCoord[ i ], pointLight.shadowCameraNear, pointLight.shadowCameraFar ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#endif
	return shadow;
}`,Y_=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,Z_=`#ifdef USE_SKINNING
	uniform mat4 bindMatrix;
	uniform mat4 bindMatrixInverse;
	uniform highp sampler2D boneTexture;
	mat4 getBoneMatrix( const in float i ) {
		int size = textureSize( boneTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( boneTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( boneTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( boneTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( boneTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
#endif`,K_=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,J_=`#ifdef USE_SKINNING
	mat4 skinMatrix = mat4( 0.0 );
	skinMatrix += skinWeight.x * boneMatX;
	skinMatrix += skinWeight.y * boneMatY;
	skinMatrix += skinWeight.z * boneMatZ;
	skinMatrix += skinWeight.w * boneMatW;
	skinMatrix = bindMatrixInverse * skinMatrix * bindMatrix;
	objectNormal = vec4( skinMatrix * vec4( objectNormal, 0.0 ) ).xyz;
	#ifdef USE_TANGENT
		objectTangent = vec4( skinMatrix * vec4( objectTangent, 0.0 ) ).xyz;
	#endif
#endif`,j_=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,Q_=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,tv=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,ev=`#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
uniform float toneMappingExposure;
vec3 LinearToneMapping( vec3 color ) {
	return saturate( toneMappingExposure * color );
}
vec3 ReinhardToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	return saturate( color / ( vec3( 1.0 ) + color ) );
}
vec3 CineonToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	color = max( vec3( 0.0 ), color - 0.004 );
	return pow( ( color * ( 6.2 * color + 0.5 ) ) / ( color * ( 6.2 * color + 1.7 ) + 0.06 ), vec3( 2.2 ) );
}
vec3 RRTAndODTFit( vec3 v ) {
	vec3 a = v * ( v + 0.0245786 ) - 0.000090537;
	vec3 b = v * ( 0.983729 * v + 0.4329510 ) + 0.238081;
	return a / b;
}
vec3 ACESFilmicToneMapping( vec3 color ) {
	const mat3 ACESInputMat = mat3(
		vec3( 0.59719, 0.07600, 0.02840 ),		vec3( 0.35458, 0.90834, 0.13383 ),
		vec3( 0.04823, 0.01566, 0.83777 )
	);
	const mat3 ACESOutputMat = mat3(
		vec3(  1.60475, -0.10208, -0.00327 ),		vec3( -0.53108,  1.10813, -0.07276 ),
		vec3( -0.07367, -0.00605,  1.07602 )
	);
	color *= toneMappingExposure / 0.6;
	color = ACESInputMat * color;
	color = RRTAndODTFit( color );
	color = ACESOutputMat * color;
	return saturate( color );
}
const mat3 LINEAR_REC2020_TO_LINEAR_SRGB = mat3(
	vec3( 1.6605, - 0.1246, - 0.0182 ),
	vec3( - 0.5876, 1.1329, - 0.1006 ),
	vec3( - 0.0728, - 0.0083, 1.1187 )
);
const mat3 LINEAR_SRGB_TO_LINEAR_REC2020 = mat3(
	vec3( 0.6274, 0.0691, 0.0164 ),
	vec3( 0.3293, 0.9195, 0.0880 ),
	vec3( 0.0433, 0.0113, 0.8956 )
);
vec3 agxDefaultContrastApprox( vec3 x ) {
	vec3 x2 = x * x;
	vec3 x4 = x2 * x2;
	return + 15.5 * x4 * x2
		- 40.14 * x4 * x
		+ 31.96 * x4
		- 6.868 * x2 * x
		+ 0.4298 * x2
		+ 0.1191 * x
		- 0.00232;
}
vec3 AgXToneMapping( vec3 color ) {
	const mat3 AgXInsetMatrix = mat3(
		vec3( 0.856627153315983, 0.137318972929847, 0.11189821299995 ),
		vec3( 0.0951212405381588, 0.761241990602591, 0.0767994186031903 ),
		vec3( 0.0482516061458583, 0.101439036467562, 0.811302368396859 )
	);
	const mat3 AgXOutsetMatrix = mat3(
		vec3( 1.1271005818144368, - 0.1413297634984383, - 0.14132976349843826 ),
		vec3( - 0.11060664309660323, 1.157823702216272, - 0.11060664309660294 ),
		vec3( - 0.016493938717834573, - 0.016493938717834257, 1.2519364065950405 )
	);
	const float AgxMinEv = - 12.47393;	const float AgxMaxEv = 4.026069;
	color *= toneMappingExposure;
	color = LINEAR_SRGB_TO_LINEAR_REC2020 * color;
	color = AgXInsetMatrix * color;
	color = max( color, 1e-10 );	color = log2( color );
	color = ( color - AgxMinEv ) / ( AgxMaxEv - AgxMinEv );
	color = clamp( color, 0.0, 1.0 );
	color = agxDefaultContrastApprox( color );
	color = AgXOutsetMatrix * color;
	color = pow( max( vec3( 0.0 ), color ), vec3( 2.2 ) );
	color = LINEAR_REC2020_TO_LINEAR_SRGB * color;
	color = clamp( color, 0.0, 1.0 );
	return color;
}
vec3 NeutralToneMapping( vec3 color ) {
	const float StartCompression = 0.8 - 0.04;
	const float Desaturation = 0.15;
	color *= toneMappingExposure;
	float x = min( color.r, min( color.g, color.b ) );
	float offset = x < 0.08 ? x - 6.25 * x * x : 0.04;
	color -= offset;
	float peak = max( color.r, max( color.g, color.b ) );
	if ( peak < StartCompression ) return color;
	float d = 1. - StartCompression;
	float newPeak = 1. - d * d / ( peak + d - StartCompression );
	color *= newPeak / peak;
	float g = 1. - 1. / ( Desaturation * ( peak - newPeak ) + 1. );
	return mix( color, vec3( newPeak ), g );
}
vec3 CustomToneMapping( vec3 color ) { return color; }`,nv=`#ifdef USE_TRANSMISSION
	material.transmission = transmission;
	material.transmissionAlpha = 1.0;
	material.thickness = thickness;
	material.attenuationDistance = attenuationDistance;
	material.attenuationColor = attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		material.transmission *= texture2D( transmissionMap, vTransmissionMapUv ).r;
	#endif
	#ifdef USE_THICKNESSMAP
		material.thickness *= texture2D( thicknessMap, vThicknessMapUv ).g;
	#endif
	vec3 pos = vWorldPosition;
	vec3 v = normalize( cameraPosition - pos );
	vec3 n = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec4 transmitted = getIBLVolumeRefraction(
		n, v, material.roughness, material.diffuseContribution, material.specularColorBlended, material.specularF90,
		pos, modelMatrix, viewMatrix, projectionMatrix, material.dispersion, material.ior, material.thickness,
		material.attenuationColor, material.attenuationDistance );
	material.transmissionAlpha = mix( material.transmissionAlpha, transmitted.a, material.transmission );
	totalDiffuse = mix( totalDiffuse, transmitted.rgb, material.transmission );
#endif`,iv=`#ifdef USE_TRANSMISSION
	uniform float transmission;
	uniform float thickness;
	uniform float attenuationDistance;
	uniform vec3 attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		uniform sampler2D transmissionMap;
	#endif
	#ifdef USE_THICKNESSMAP
		uniform sampler2D thicknessMap;
	#endif
	uniform vec2 transmissionSamplerSize;
	uniform sampler2D transmissionSamplerMap;
	uniform mat4 modelMatrix;
	uniform mat4 projectionMatrix;
	varying vec3 vWorldPosition;
	float w0( float a ) {
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - a + 3.0 ) - 3.0 ) + 1.0 );
	}
	float w1( float a ) {
		return ( 1.0 / 6.0 ) * ( a *  a * ( 3.0 * a - 6.0 ) + 4.0 );
	}
	float w2( float a ){
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - 3.0 * a + 3.0 ) + 3.0 ) + 1.0 );
	}
	float w3( float a ) {
		return ( 1.0 / 6.0 ) * ( a * a * a );
	}
	float g0( float a ) {
		return w0( a ) + w1( a );
	}
	float g1( float a ) {
		return w2( a ) + w3( a );
	}
	float h0( float a ) {
		return - 1.0 + w1( a ) / ( w0( a ) + w1( a ) );
	}
	float h1( float a ) {
		return 1.0 + w3( a ) / ( w2( a ) + w3( a ) );
	}
	vec4 bicubic( sampler2D tex, vec2 uv, vec4 texelSize, float lod ) {
		uv = uv * texelSize.zw + 0.5;
		vec2 iuv = floor( uv );
		vec2 fuv = fract( uv );
		float g0x = g0( fuv.x );
		float g1x = g1( fuv.x );
		float h0x = h0( fuv.x );
		float h1x = h1( fuv.x );
		float h0y = h0( fuv.y );
		float h1y = h1( fuv.y );
		vec2 p0 = ( vec2( iuv.x + h0x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p1 = ( vec2( iuv.x + h1x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p2 = ( vec2( iuv.x + h0x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		vec2 p3 = ( vec2( iuv.x + h1x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		return g0( fuv.y ) * ( g0x * textureLod( tex, p0, lod ) + g1x * textureLod( tex, p1, lod ) ) +
			g1( fuv.y ) * ( g0x * textureLod( tex, p2, lod ) + g1x * textureLod( tex, p3, lod ) );
	}
	vec4 textureBicubic( sampler2D sampler, vec2 uv, float lod ) {
		vec2 fLodSize = vec2( textureSize( sampler, int( lod ) ) );
		vec2 cLodSize = vec2( textureSize( sampler, int( lod + 1.0 ) ) );
		vec2 fLodSizeInv = 1.0 / fLodSize;
		vec2 cLodSizeInv = 1.0 / cLodSize;
		vec4 fSample = bicubic( sampler, uv, vec4( fLodSizeInv, fLodSize ), floor( lod ) );
		vec4 cSample = bicubic( sampler, uv, vec4( cLodSizeInv, cLodSize ), ceil( lod ) );
		return mix( fSample, cSample, fract( lod ) );
	}
	vec3 getVolumeTransmissionRay( const in vec3 n, const in vec3 v, const in float thickness, const in float ior, const in mat4 modelMatrix ) {
		vec3 refractionVector = refract( - v, normalize( n ), 1.0 / ior );
		vec3 modelScale;
		modelScale.x = length( vec3( modelMatrix[ 0 ].xyz ) );
		modelScale.y = length( vec3( modelMatrix[ 1 ].xyz ) );
		modelScale.z = length( vec3( modelMatrix[ 2 ].xyz ) );
		return normalize( refractionVector ) * thickness * modelScale;
	}
	float applyIorToRoughness( const in float roughness, const in float ior ) {
		return roughness * clamp( ior * 2.0 - 2.0, 0.0, 1.0 );
	}
	vec4 getTransmissionSample( const in vec2 fragCoord, const in float roughness, const in float ior ) {
		float lod = log2( transmissionSamplerSize.x ) * applyIorToRoughness( roughness, ior );
		return textureBicubic( transmissionSamplerMap, fragCoord.xy, lod );
	}
	vec3 volumeAttenuation( const in float transmissionDistance, const in vec3 attenuationColor, const in float attenuationDistance ) {
		if ( isinf( attenuationDistance ) ) {
			return vec3( 1.0 );
		} else {
			vec3 attenuationCoefficient = -log( attenuationColor ) / attenuationDistance;
			vec3 transmittance = exp( - attenuationCoefficient * transmissionDistance );			return transmittance;
		}
	}
	vec4 getIBLVolumeRefraction( const in vec3 n, const in vec3 v, const in float roughness, const in vec3 diffuseColor,
		const in vec3 specularColor, const in float specularF90, const in vec3 position, const in mat4 modelMatrix,
		const in mat4 viewMatrix, const in mat4 projMatrix, const in float dispersion, const in float ior, const in float thickness,
		const in vec3 attenuationColor, const in float attenuationDistance ) {
		vec4 transmittedLight;
		vec3 transmittance;
		#ifdef USE_DISPERSION
			float halfSpread = ( ior - 1.0 ) * 0.025 * dispersion;
			vec3 iors = vec3( ior - halfSpread, ior, ior + halfSpread );
			for ( int i = 0; i < 3; i ++ ) {
				vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, iors[ i ], modelMatrix );
				vec3 refractedRayExit = position + transmissionRay;
				vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
				vec2 refractionCoords = ndcPos.xy / ndcPos.w;
				refractionCoords += 1.0;
				refractionCoords /= 2.0;
				vec4 transmissionSample = getTransmissionSample( refractionCoords, roughness, iors[ i ] );
				transmittedLight[ i ] = transmissionSample[ i ];
				transmittedLight.a += transmissionSample.a;
				transmittance[ i ] = diffuseColor[ i ] * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance )[ i ];
			}
			transmittedLight.a /= 3.0;
		#else
			vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, ior, modelMatrix );
			vec3 refractedRayExit = position + transmissionRay;
			vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
			vec2 refractionCoords = ndcPos.xy / ndcPos.w;
			refractionCoords += 1.0;
			refractionCoords /= 2.0;
			transmittedLight = getTransmissionSample( refractionCoords, roughness, ior );
			transmittance = diffuseColor * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance );
		#endif
		vec3 attenuatedColor = transmittance * transmittedLight.rgb;
		vec3 F = EnvironmentBRDF( n, v, specularColor, specularF90, roughness );
		float transmittanceFactor = ( transmittance.r + transmittance.g + transmittance.b ) / 3.0;
		return vec4( ( 1.0 - F ) * attenuatedColor, 1.0 - ( 1.0 - transmittedLight.a ) * transmittanceFactor );
	}
#endif`,sv=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_SPECULARMAP
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,rv=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	uniform mat3 mapTransform;
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	uniform mat3 alphaMapTransform;
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	uniform mat3 lightMapTransform;
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	uniform mat3 aoMapTransform;
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	uniform mat3 bumpMapTransform;
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	uniform mat3 normalMapTransform;
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_DISPLACEMENTMAP
	uniform mat3 displacementMapTransform;
	varying vec2 vDisplacementMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	uniform mat3 emissiveMapTransform;
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	uniform mat3 metalnessMapTransform;
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	uniform mat3 roughnessMapTransform;
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	uniform mat3 diffuseRoughnessMapTransform;
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	uniform mat3 anisotropyMapTransform;
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	uniform mat3 clearcoatMapTransform;
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform mat3 clearcoatNormalMapTransform;
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform mat3 clearcoatRoughnessMapTransform;
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	uniform mat3 sheenColorMapTransform;
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	uniform mat3 sheenRoughnessMapTransform;
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	uniform mat3 iridescenceMapTransform;
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform mat3 iridescenceThicknessMapTransform;
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SPECULARMAP
	uniform mat3 specularMapTransform;
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	uniform mat3 specularColorMapTransform;
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	uniform mat3 specularIntensityMapTransform;
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,ov=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	vUv = vec3( uv, 1 ).xy;
#endif
#ifdef USE_MAP
	vMapUv = ( mapTransform * vec3( MAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ALPHAMAP
	vAlphaMapUv = ( alphaMapTransform * vec3( ALPHAMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_LIGHTMAP
	vLightMapUv = ( lightMapTransform * vec3( LIGHTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_AOMAP
	vAoMapUv = ( aoMapTransform * vec3( AOMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_BUMPMAP
	vBumpMapUv = ( bumpMapTransform * vec3( BUMPMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_NORMALMAP
	vNormalMapUv = ( normalMapTransform * vec3( NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DISPLACEMENTMAP
	vDisplacementMapUv = ( displacementMapTransform * vec3( DISPLACEMENTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_EMISSIVEMAP
	vEmissiveMapUv = ( emissiveMapTransform * vec3( EMISSIVEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_METALNESSMAP
	vMetalnessMapUv = ( metalnessMapTransform * vec3( METALNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ROUGHNESSMAP
	vRoughnessMapUv = ( roughnessMapTransform * vec3( ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	vDiffuseRoughnessMapUv = ( diffuseRoughnessMapTransform * vec3( DIFFUSE_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ANISOTROPYMAP
	vAnisotropyMapUv = ( anisotropyMapTransform * vec3( ANISOTROPYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOATMAP
	vClearcoatMapUv = ( clearcoatMapTransform * vec3( CLEARCOATMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	vClearcoatNormalMapUv = ( clearcoatNormalMapTransform * vec3( CLEARCOAT_NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	vClearcoatRoughnessMapUv = ( clearcoatRoughnessMapTransform * vec3( CLEARCOAT_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCEMAP
	vIridescenceMapUv = ( iridescenceMapTransform * vec3( IRIDESCENCEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	vIridescenceThicknessMapUv = ( iridescenceThicknessMapTransform * vec3( IRIDESCENCE_THICKNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_COLORMAP
	vSheenColorMapUv = ( sheenColorMapTransform * vec3( SHEEN_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	vSheenRoughnessMapUv = ( sheenRoughnessMapTransform * vec3( SHEEN_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULARMAP
	vSpecularMapUv = ( specularMapTransform * vec3( SPECULARMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_COLORMAP
	vSpecularColorMapUv = ( specularColorMapTransform * vec3( SPECULAR_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	vSpecularIntensityMapUv = ( specularIntensityMapTransform * vec3( SPECULAR_INTENSITYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_TRANSMISSIONMAP
	vTransmissionMapUv = ( transmissionMapTransform * vec3( TRANSMISSIONMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_THICKNESSMAP
	vThicknessMapUv = ( thicknessMapTransform * vec3( THICKNESSMAP_UV, 1 ) ).xy;
#endif`,av=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,lv=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,cv=`uniform sampler2D t2D;
uniform float backgroundIntensity;
varying vec2 vUv;
void main() {
	vec4 texColor = texture2D( t2D, vUv );
	#ifdef DECODE_VIDEO_TEXTURE
		texColor = vec4( mix( pow( texColor.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), texColor.rgb * 0.0773993808, vec3( lessThanEqual( texColor.rgb, vec3( 0.04045 ) ) ) ), texColor.w );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,hv=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,uv=`uniform float backgroundBlurriness;
uniform float backgroundIntensity;
uniform mat3 backgroundRotation;
varying vec3 vWorldDirection;
#include <envmap_common_pars_fragment>
void main() {
	#ifdef ENVMAP_TYPE_PMREM
		vec4 texColor = textureLod( envMap, backgroundRotation * vWorldDirection, roughnessToMip( backgroundBlurriness ) );
	#else
		vec4 texColor = textureCube( envMap, backgroundRotation * vWorldDirection );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,dv=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,fv=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,pv=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
varying vec2 vHighPrecisionZW;
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vHighPrecisionZW = gl_Position.zw;
}`,mv=`#if DEPTH_PACKING == 3200
	uniform float opacity;
#endif
#include <common>
#include <packing>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
varying vec2 vHighPrecisionZW;
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#if DEPTH_PACKING == 3200
		diffuseColor.a = opacity;
	#endif
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <logdepthbuf_fragment>
	#ifdef USE_REVERSED_DEPTH_BUFFER
		float fragCoordZ = vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ];
	#else
		float fragCoordZ = 0.5 * vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ] + 0.5;
	#endif
	#if DEPTH_PACKING == 3200
		gl_FragColor = vec4( vec3( 1.0 - fragCoordZ ), opacity );
	#elif DEPTH_PACKING == 3201
		gl_FragColor = packDepthToRGBA( fragCoordZ );
	#elif DEPTH_PACKING == 3202
		gl_FragColor = vec4( packDepthToRGB( fragCoordZ ), 1.0 );
	#elif DEPTH_PACKING == 3203
		gl_FragColor = vec4( packDepthToRG( fragCoordZ ), 0.0, 1.0 );
	#endif
}`,gv=`#define DISTANCE
varying vec3 vWorldPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <worldpos_vertex>
	#include <clipping_planes_vertex>
	vWorldPosition = worldPosition.xyz;
}`,yv=`#define DISTANCE
uniform vec3 referencePosition;
uniform float nearDistance;
uniform float farDistance;
varying vec3 vWorldPosition;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	float dist = length( vWorldPosition - referencePosition );
	dist = ( dist - nearDistance ) / ( farDistance - nearDistance );
	dist = saturate( dist );
	gl_FragColor = vec4( dist, 0.0, 0.0, 1.0 );
}`,xv=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,_v=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,vv=`uniform float scale;
attribute float lineDistance;
varying float vLineDistance;
#include <common>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	vLineDistance = scale * lineDistance;
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,bv=`uniform vec3 diffuse;
uniform float opacity;
uniform float dashSize;
uniform float totalSize;
varying float vLineDistance;
#include <common>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	if ( mod( vLineDistance, totalSize ) > dashSize ) {
		discard;
	}
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,wv=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#if defined ( USE_ENVMAP ) || defined ( USE_SKINNING )
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinbase_vertex>
		#include <skinnormal_vertex>
		#include <defaultnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <fog_vertex>
}`,Sv=`uniform vec3 diffuse;
uniform float opacity;
#ifndef FLAT_SHADED
	varying vec3 vNormal;
#endif
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <fog_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		reflectedLight.indirectDiffuse += lightMapTexel.rgb * lightMapIntensity * RECIPROCAL_PI;
	#else
		reflectedLight.indirectDiffuse += vec3( 1.0 );
	#endif
	#include <aomap_fragment>
	reflectedLight.indirectDiffuse *= diffuseColor.rgb;
	vec3 outgoingLight = reflectedLight.indirectDiffuse;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Mv=`#define LAMBERT
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,Ev=`#define LAMBERT
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_lambert_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_lambert_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Tv=`#define MATCAP
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <displacementmap_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
	vViewPosition = - mvPosition.xyz;
}`,Av=`#define MATCAP
uniform vec3 diffuse;
uniform float opacity;
uniform sampler2D matcap;
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	vec3 viewDir = normalize( vViewPosition );
	vec3 x = normalize( vec3( viewDir.z, 0.0, - viewDir.x ) );
	vec3 y = cross( viewDir, x );
	vec2 uv = vec2( dot( x, normal ), dot( y, normal ) ) * 0.495 + 0.5;
	#ifdef USE_MATCAP
		vec4 matcapColor = texture2D( matcap, uv );
	#else
		vec4 matcapColor = vec4( vec3( mix( 0.2, 0.8, uv.y ) ), 1.0 );
	#endif
	vec3 outgoingLight = diffuseColor.rgb * matcapColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Cv=`#define NORMAL
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	vViewPosition = - mvPosition.xyz;
#endif
}`,Rv=`#define NORMAL
uniform float opacity;
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <uv_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 0.0, 0.0, 0.0, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	gl_FragColor = vec4( normalize( normal ) * 0.5 + 0.5, diffuseColor.a );
	#ifdef OPAQUE
		gl_FragColor.a = 1.0;
	#endif
}`,Pv=`#define PHONG
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,Iv=`#define PHONG
uniform vec3 diffuse;
uniform vec3 emissive;
uniform vec3 specular;
uniform float shininess;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_phong_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_phong_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + reflectedLight.directSpecular + reflectedLight.indirectSpecular + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Lv=`#define STANDARD
varying vec3 vViewPosition;
#ifdef USE_TRANSMISSION
	varying vec3 vWorldPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
#ifdef USE_TRANSMISSION
	vWorldPosition = worldPosition.xyz;
#endif
}`,Nv=`#define STANDARD
#ifdef PHYSICAL
	#define IOR
	#define USE_SPECULAR
#endif
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float roughness;
uniform float metalness;
uniform float opacity;
#ifdef IOR
	uniform float ior;
#endif
#ifdef USE_SPECULAR
	uniform float specularIntensity;
	uniform vec3 specularColor;
	#ifdef USE_SPECULAR_COLORMAP
		uniform sampler2D specularColorMap;
	#endif
	#ifdef USE_SPECULAR_INTENSITYMAP
		uniform sampler2D specularIntensityMap;
	#endif
#endif
#ifdef USE_CLEARCOAT
	uniform float clearcoat;
	uniform float clearcoatRoughness;
#endif
#ifdef USE_DIFFUSE_ROUGHNESS
	uniform float diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		uniform sampler2D diffuseRoughnessMap;
	#endif
#endif
#ifdef USE_DISPERSION
	uniform float dispersion;
#endif
#ifdef USE_RETROREFLECTION
	uniform float retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	uniform float iridescence;
	uniform float iridescenceIOR;
	uniform float iridescenceThicknessMinimum;
	uniform float iridescenceThicknessMaximum;
#endif
#ifdef USE_SHEEN
	uniform vec3 sheenColor;
	uniform float sheenRoughness;
	#ifdef USE_SHEEN_COLORMAP
		uniform sampler2D sheenColorMap;
	#endif
	#ifdef USE_SHEEN_ROUGHNESSMAP
		uniform sampler2D sheenRoughnessMap;
	#endif
#endif
#ifdef USE_ANISOTROPY
	uniform vec2 anisotropyVector;
	#ifdef USE_ANISOTROPYMAP
		uniform sampler2D anisotropyMap;
	#endif
#endif
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <iridescence_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_physical_pars_fragment>
#include <transmission_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <clearcoat_pars_fragment>
#include <iridescence_pars_fragment>
#include <roughnessmap_pars_fragment>
#include <metalnessmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <roughnessmap_fragment>
	#include <metalnessmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <clearcoat_normal_fragment_begin>
	#include <clearcoat_normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_physical_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 totalDiffuse = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse;
	vec3 totalSpecular = reflectedLight.directSpecular + reflectedLight.indirectSpecular;
	#include <transmission_fragment>
	vec3 outgoingLight = totalDiffuse + totalSpecular + totalEmissiveRadiance;
	#ifdef USE_SHEEN
 
		outgoingLight = outgoingLight + sheenSpecularDirect + sheenSpecularIndirect;
 
 	#endif
	#ifdef USE_CLEARCOAT
		float dotNVcc = saturate( dot( geometryClearcoatNormal, geometryViewDir ) );
		vec3 Fcc = F_Schlick( material.clearcoatF0, material.clearcoatF90, dotNVcc );
		outgoingLight = outgoingLight * ( 1.0 - material.clearcoat * Fcc ) + ( clearcoatSpecularDirect + clearcoatSpecularIndirect ) * material.clearcoat;
	#endif
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Dv=`#define TOON
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,Uv=`#define TOON
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <gradientmap_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_toon_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_toon_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,Ov=`uniform float size;
uniform float scale;
#include <common>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
#ifdef USE_POINTS_UV
	varying vec2 vUv;
	uniform mat3 uvTransform;
#endif
void main() {
	#ifdef USE_POINTS_UV
		vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	#endif
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	gl_PointSize = size;
	#ifdef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) gl_PointSize *= ( scale / - mvPosition.z );
	#endif
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <fog_vertex>
}`,Fv=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <color_pars_fragment>
#include <map_particle_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_particle_fragment>
	#include <color_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,kv=`#include <common>
#include <batching_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <shadowmap_pars_vertex>
void main() {
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,Bv=`uniform vec3 color;
uniform float opacity;
#include <common>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <logdepthbuf_pars_fragment>
#include <shadowmap_pars_fragment>
#include <shadowmask_pars_fragment>
void main() {
	#include <logdepthbuf_fragment>
	gl_FragColor = vec4( color, opacity * ( 1.0 - getShadowMask() ) );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,zv=`uniform float rotation;
uniform vec2 center;
#include <common>
#include <uv_pars_vertex>
#include <fog_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	vec4 mvPosition = modelViewMatrix[ 3 ];
	vec2 scale = vec2( length( modelMatrix[ 0 ].xyz ), length( modelMatrix[ 1 ].xyz ) );
	#ifndef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) scale *= - mvPosition.z;
	#endif
	vec2 alignedPosition = ( position.xy - ( center - vec2( 0.5 ) ) ) * scale;
	vec2 rotatedPosition;
	rotatedPosition.x = cos( rotation ) * alignedPosition.x - sin( rotation ) * alignedPosition.y;
	rotatedPosition.y = sin( rotation ) * alignedPosition.x + cos( rotation ) * alignedPosition.y;
	mvPosition.xy += rotatedPosition;
	gl_Position = projectionMatrix * mvPosition;
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,Vv=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
}`,Ht={alphahash_fragment:cx,alphahash_pars_fragment:hx,alphamap_fragment:ux,alphamap_pars_fragment:dx,alphatest_fragment:fx,alphatest_pars_fragment:px,aomap_fragment:mx,aomap_pars_fragment:gx,batching_pars_vertex:yx,batching_vertex:xx,begin_vertex:_x,beginnormal_vertex:vx,bsdfs:bx,iridescence_fragment:wx,bumpmap_pars_fragment:Sx,clipping_planes_fragment:Mx,clipping_planes_pars_fragment:Ex,clipping_planes_pars_vertex:Tx,clipping_planes_vertex:Ax,color_fragment:Cx,color_pars_fragment:Rx,color_pars_vertex:Px,color_vertex:Ix,common:Lx,defaultnormal_vertex:Nx,displacementmap_pars_vertex:Dx,displacementmap_vertex:Ux,emissivemap_fragment:Ox,emissivemap_pars_fragment:Fx,colorspace_fragment:kx,colorspace_pars_fragment:Bx,envmap_fragment:zx,envmap_common_pars_fragment:Vx,envmap_pars_fragment:Hx,envmap_pars_vertex:Gx,envmap_physical_pars_fragment:t_,envmap_vertex:Wx,fog_vertex:qx,fog_pars_vertex:Xx,fog_fragment:$x,fog_pars_fragment:Yx,gradientmap_pars_fragment:Zx,lightmap_pars_fragment:Kx,lights_lambert_fragment:Jx,lights_lambert_pars_fragment:jx,lights_pars_begin:Qx,lights_toon_fragment:e_,lights_toon_pars_fragment:n_,lights_phong_fragment:i_,lights_phong_pars_fragment:s_,lights_physical_fragment:r_,lights_physical_pars_fragment:o_,lights_fragment_begin:a_,lights_fragment_maps:l_,lights_fragment_end:c_,lightprobes_pars_fragment:h_,logdepthbuf_fragment:u_,logdepthbuf_pars_fragment:d_,logdepthbuf_pars_vertex:f_,logdepthbuf_vertex:p_,map_fragment:m_,map_pars_fragment:g_,map_particle_fragment:y_,map_particle_pars_fragment:x_,metalnessmap_fragment:__,metalnessmap_pars_fragment:v_,morphinstance_vertex:b_,morphcolor_vertex:w_,morphnormal_vertex:S_,morphtarget_pars_vertex:M_,morphtarget_vertex:E_,normal_fragment_begin:T_,normal_fragment_maps:A_,normal_pars_fragment:C_,normal_pars_vertex:R_,normal_vertex:P_,normalmap_pars_fragment:I_,clearcoat_normal_fragment_begin:L_,clearcoat_normal_fragment_maps:N_,clearcoat_pars_fragment:D_,iridescence_pars_fragment:U_,opaque_fragment:O_,packing:F_,premultiplied_alpha_fragment:k_,project_vertex:B_,dithering_fragment:z_,dithering_pars_fragment:V_,roughnessmap_fragment:H_,roughnessmap_pars_fragment:G_,shadowmap_pars_fragment:W_,shadowmap_pars_vertex:q_,shadowmap_vertex:X_,shadowmask_pars_fragment:$_,skinbase_vertex:Y_,skinning_pars_vertex:Z_,skinning_vertex:K_,skinnormal_vertex:J_,specularmap_fragment:j_,specularmap_pars_fragment:Q_,tonemapping_fragment:tv,tonemapping_pars_fragment:ev,transmission_fragment:nv,transmission_pars_fragment:iv,uv_pars_fragment:sv,uv_pars_vertex:rv,uv_vertex:ov,worldpos_vertex:av,background_vert:lv,background_frag:cv,backgroundCube_vert:hv,backgroundCube_frag:uv,cube_vert:dv,cube_frag:fv,depth_vert:pv,depth_frag:mv,distance_vert:gv,distance_frag:yv,equirect_vert:xv,equirect_frag:_v,linedashed_vert:vv,linedashed_frag:bv,meshbasic_vert:wv,meshbasic_frag:Sv,meshlambert_vert:Mv,meshlambert_frag:Ev,meshmatcap_vert:Tv,meshmatcap_frag:Av,meshnormal_vert:Cv,meshnormal_frag:Rv,meshphong_vert:Pv,meshphong_frag:Iv,meshphysical_vert:Lv,meshphysical_frag:Nv,meshtoon_vert:Dv,meshtoon_frag:Uv,points_vert:Ov,points_frag:Fv,shadow_vert:kv,shadow_frag:Bv,sprite_vert:zv,sprite_frag:Vv},gt={common:{diffuse:{value:new Ot(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new Ut},alphaMap:{value:null},alphaMapTransform:{value:new Ut},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new Ut}},envmap:{envMap:{value:null},envMapRotation:{value:new Ut},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new Ut}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new Ut}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new Ut},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new Ut},normalScale:{value:new ct(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new Ut},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new Ut}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new Ut}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new Ut}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new Ot(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new Ot(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new Ut},alphaTest:{value:0},uvTransform:{value:new Ut}},sprite:{diffuse:{value:new Ot(16777215)},opacity:{value:1},center:{value:new ct(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new Ut},alphaMap:{value:null},alphaMapTransform:{value:new Ut},alphaTest:{value:0}}},ci={basic:{uniforms:rn([gt.common,gt.specularmap,gt.envmap,gt.aomap,gt.lightmap,gt.fog]),vertexShader:Ht.meshbasic_vert,fragmentShader:Ht.meshbasic_frag},lambert:{uniforms:rn([gt.common,gt.specularmap,gt.envmap,gt.aomap,gt.lightmap,gt.emissivemap,gt.bumpmap,gt.normalmap,gt.displacementmap,gt.fog,gt.lights,{emissive:{value:new Ot(0)},envMapIntensity:{value:1}}]),vertexShader:Ht.meshlambert_vert,fragmentShader:Ht.meshlambert_frag},phong:{uniforms:rn([gt.common,gt.specularmap,gt.envmap,gt.aomap,gt.lightmap,gt.emissivemap,gt.bumpmap,gt.normalmap,gt.displacementmap,gt.fog,gt.lights,{emissive:{value:new Ot(0)},specular:{value:new Ot(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:Ht.meshphong_vert,fragmentShader:Ht.meshphong_frag},standard:{uniforms:rn([gt.common,gt.envmap,gt.aomap,gt.lightmap,gt.emissivemap,gt.bumpmap,gt.normalmap,gt.displacementmap,gt.roughnessmap,gt.metalnessmap,gt.fog,gt.lights,{emissive:{value:new Ot(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:Ht.meshphysical_vert,fragmentShader:Ht.meshphysical_frag},toon:{uniforms:rn([gt.common,gt.aomap,gt.lightmap,gt.emissivemap,gt.bumpmap,gt.normalmap,gt.displacementmap,gt.gradientmap,gt.fog,gt.lights,{emissive:{value:new Ot(0)}}]),vertexShader:Ht.meshtoon_vert,fragmentShader:Ht.meshtoon_frag},matcap:{uniforms:rn([gt.common,gt.bumpmap,gt.normalmap,gt.displacementmap,gt.fog,{matcap:{value:null}}]),vertexShader:Ht.meshmatcap_vert,fragmentShader:Ht.meshmatcap_frag},points:{uniforms:rn([gt.points,gt.fog]),vertexShader:Ht.points_vert,fragmentShader:Ht.points_frag},dashed:{uniforms:rn([gt.common,gt.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:Ht.linedashed_vert,fragmentShader:Ht.linedashed_frag},depth:{uniforms:rn([gt.common,gt.displacementmap]),vertexShader:Ht.depth_vert,fragmentShader:Ht.depth_frag},normal:{uniforms:rn([gt.common,gt.bumpmap,gt.normalmap,gt.displacementmap,{opacity:{value:1}}]),vertexShader:Ht.meshnormal_vert,fragmentShader:Ht.meshnormal_frag},sprite:{uniforms:rn([gt.sprite,gt.fog]),vertexShader:Ht.sprite_vert,fragmentShader:Ht.sprite_frag},background:{uniforms:{uvTransform:{value:new Ut},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:Ht.background_vert,fragmentShader:Ht.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new Ut}},vertexShader:Ht.backgroundCube_vert,fragmentShader:Ht.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:Ht.cube_vert,fragmentShader:Ht.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:Ht.equirect_vert,fragmentShader:Ht.equirect_frag},distance:{uniforms:rn([gt.common,gt.displacementmap,{referencePosition:{value:new A},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:Ht.distance_vert,fragmentShader:Ht.distance_frag},shadow:{uniforms:rn([gt.lights,gt.fog,{color:{value:new Ot(0)},opacity:{value:1}}]),vertexShader:Ht.shadow_vert,fragmentShader:Ht.shadow_frag}};ci.physical={uniforms:rn([ci.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new Ut},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new Ut},clearcoatNormalScale:{value:new ct(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new Ut},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new Ut},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new Ut},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new Ut},sheen:{value:0},sheenColor:{value:new Ot(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new Ut},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new Ut},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new Ut},transmissionSamplerSize:{value:new ct},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new Ut},attenuationDistance:{value:0},attenuationColor:{value:new Ot(0)},specularColor:{value:new Ot(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new Ut},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new Ut},anisotropyVector:{value:new ct},anisotropyMap:{value:null},anisotropyMapTransform:{value:new Ut}}]),vertexShader:Ht.meshphysical_vert,fragmentShader:Ht.meshphysical_frag};var lc={r:0,b:0,g:0},Hv=new St,vm=new Ut;vm.set(-1,0,0,0,1,0,0,0,1);function Gv(s,t,e,n,i,r){let o=new Ot(0),a=i===!0?0:1,l,c,h=null,u=0,d=null;function f(_){let b=_.isScene===!0?_.background:null;if(b&&b.isTexture){let v=_.backgroundBlurriness>0;b=t.get(b,v)}return b}function p(_){let b=!1,v=f(_);v===null?m(o,a):v&&v.isColor&&(m(v,1),b=!0);let S=s.xr.getEnvironmentBlendMode();S==="additive"?e.buffers.color.setClear(0,0,0,1,r):S==="alpha-blend"&&e.buffers.color.setClear(0,0,0,0,r),(s.autoClear||b)&&(e.buffers.depth.setTest(!0),e.buffers.depth.setMask(!0),e.buffers.color.setMask(!0),s.clear(s.autoClearColor,s.autoClearDepth,s.autoClearStencil))}function y(_,b){let v=f(b);v&&v.isCubeTexture?(c===void 0&&(c=new pe(new rr(1,1,1),new oi({name:"BackgroundCubeMaterial",uniforms:Ss(ci.backgroundCube.uniforms),vertexShader:ci.backgroundCube.vertexShader,fragmentShader:ci.backgroundCube.fragmentShader,side:Ke,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(S,T,x){this.matrixWorld.copyPosition(x.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),n.update(c)),c.material.uniforms.envMap.value=v,c.material.uniforms.backgroundBlurriness.value=b.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=b.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(Hv.makeRotationFromEuler(b.backgroundRotation)).transpose(),v.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(vm),c.material.toneMapped=$t.getTransfer(v.colorSpace)!==ie,(h!==v||u!==v.version||d!==s.toneMapping)&&(c.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),c.layers.enableAll(),_.unshift(c,c.geometry,c.material,0,0,null)):v&&v.isTexture&&(l===void 0&&(l=new pe(new xo(2,2),new oi({name:"BackgroundMaterial",uniforms:Ss(ci.background.uniforms),vertexShader:ci.background.vertexShader,fragmentShader:ci.background.fragmentShader,side:Zn,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),n.update(l)),l.material.uniforms.t2D.value=v,l.material.uniforms.backgroundIntensity.value=b.backgroundIntensity,l.material.toneMapped=$t.getTransfer(v.colorSpace)!==ie,v.matrixAutoUpdate===!0&&v.updateMatrix(),l.material.uniforms.uvTransform.value.copy(v.matrix),(h!==v||u!==v.version||d!==s.toneMapping)&&(l.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),l.layers.enableAll(),_.unshift(l,l.geometry,l.material,0,0,null))}function m(_,b){_.getRGB(lc,Gu(s)),e.buffers.color.setClear(lc.r,lc.g,lc.b,b,r)}function g(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return o},setClearColor:function(_,b=1){o.set(_),a=b,m(o,a)},getClearAlpha:function(){return a},setClearAlpha:function(_){a=_,m(o,a)},render:p,addToRenderList:y,dispose:g}}function Wv(s,t){let e=s.getParameter(s.MAX_VERTEX_ATTRIBS),n={},i=d(null),r=i,o=!1;function a(L,R,U,I,k){let H=!1,G=u(L,I,U,R);r!==G&&(r=G,c(r.object)),H=f(L,I,U,k),H&&p(L,I,U,k),k!==null&&t.update(k,s.ELEMENT_ARRAY_BUFFER),(H||o)&&(o=!1,v(L,R,U,I),k!==null&&s.bindBuffer(s.ELEMENT_ARRAY_BUFFER,t.get(k).buffer))}function l(){return s.createVertexArray()}function c(L){return s.bindVertexArray(L)}function h(L){return s.deleteVertexArray(L)}function u(L,R,U,I){let k=I.wireframe===!0,H=n[R.id];H===void 0&&(H={},n[R.id]=H);let G=L.isInstancedMesh===!0?L.id:0,tt=H[G];tt===void 0&&(tt={},H[G]=tt);let q=tt[U.id];q===void 0&&(q={},tt[U.id]=q);let j=q[k];return j===void 0&&(j=d(l()),q[k]=j),j}function d(L){let R=[],U=[],I=[];for(let k=0;k<e;k++)R[k]=0,U[k]=0,I[k]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:R,enabledAttributes:U,attributeDivisors:I,object:L,attributes:{},index:null}}function f(L,R,U,I){let k=r.attributes,H=R.attributes,G=0,tt=U.getAttributes();for(let q in tt)if(tt[q].location>=0){let Q=k[q],_t=H[q];if(_t===void 0&&(q==="instanceMatrix"&&L.instanceMatrix&&(_t=L.instanceMatrix),q==="instanceColor"&&L.instanceColor&&(_t=L.instanceColor)),Q===void 0||Q.attribute!==_t||_t&&Q.data!==_t.data)return!0;G++}return r.attributesNum!==G||r.index!==I}function p(L,R,U,I){let k={},H=R.attributes,G=0,tt=U.getAttributes();for(let q in tt)if(tt[q].location>=0){let Q=H[q];Q===void 0&&(q==="instanceMatrix"&&L.instanceMatrix&&(Q=L.instanceMatrix),q==="instanceColor"&&L.instanceColor&&(Q=L.instanceColor));let _t={};_t.attribute=Q,Q&&Q.data&&(_t.data=Q.data),k[q]=_t,G++}r.attributes=k,r.attributesNum=G,r.index=I}function y(){let L=r.newAttributes;for(let R=0,U=L.length;R<U;R++)L[R]=0}function m(L){g(L,0)}function g(L,R){let U=r.newAttributes,I=r.enabledAttributes,k=r.attributeDivisors;U[L]=1,I[L]===0&&(s.enableVertexAttribArray(L),I[L]=1),k[L]!==R&&(s.vertexAttribDivisor(L,R),k[L]=R)}function _(){let L=r.newAttributes,R=r.enabledAttributes;for(let U=0,I=R.length;U<I;U++)R[U]!==L[U]&&(s.disableVertexAttribArray(U),R[U]=0)}function b(L,R,U,I,k,H,G){G===!0?s.vertexAttribIPointer(L,R,U,k,H):s.vertexAttribPointer(L,R,U,I,k,H)}function v(L,R,U,I){y();let k=I.attributes,H=U.getAttributes(),G=R.defaultAttributeValues;for(let tt in H){let q=H[tt];if(q.location>=0){let j=k[tt];if(j===void 0&&(tt==="instanceMatrix"&&L.instanceMatrix&&(j=L.instanceMatrix),tt==="instanceColor"&&L.instanceColor&&(j=L.instanceColor)),j!==void 0){let Q=j.normalized,_t=j.itemSize,Nt=t.get(j);if(Nt===void 0)continue;let Z=Nt.buffer,ht=Nt.type,xt=Nt.bytesPerElement,Ct=ht===s.INT||ht===s.UNSIGNED_INT||j.gpuType===Ml;if(j.isInterleavedBufferAttribute){let pt=j.data,Ft=pt.isInterleavedBuffer===!0?pt.stride:pt.itemSize,Me=j.offset;if(pt.isInstancedInterleavedBuffer||pt.isInstancedBufferAttribute){for(let Pt=0;Pt<q.locationSize;Pt++)g(q.location+Pt,pt.meshPerAttribute);L.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=pt.meshPerAttribute*pt.count)}else for(let Pt=0;Pt<q.locationSize;Pt++)m(q.location+Pt);s.bindBuffer(s.ARRAY_BUFFER,Z);for(let Pt=0;Pt<q.locationSize;Pt++)b(q.location+Pt,_t/q.locationSize,ht,Q,Ft*xt,(Me+_t/q.locationSize*Pt)*xt,Ct)}else{if(j.isInstancedBufferAttribute){for(let pt=0;pt<q.locationSize;pt++)g(q.location+pt,j.meshPerAttribute);L.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=j.meshPerAttribute*j.count)}else for(let pt=0;pt<q.locationSize;pt++)m(q.location+pt);s.bindBuffer(s.ARRAY_BUFFER,Z);for(let pt=0;pt<q.locationSize;pt++)b(q.location+pt,_t/q.locationSize,ht,Q,_t*xt,_t/q.locationSize*pt*xt,Ct)}}else if(G!==void 0){let Q=G[tt];if(Q!==void 0)switch(Q.length){case 2:s.vertexAttrib2fv(q.location,Q);break;case 3:s.vertexAttrib3fv(q.location,Q);break;case 4:s.vertexAttrib4fv(q.location,Q);break;default:s.vertexAttrib1fv(q.location,Q)}}}}_()}function S(){N();for(let L in n){let R=n[L];for(let U in R){let I=R[U];for(let k in I){let H=I[k];for(let G in H)h(H[G].object),delete H[G];delete I[k]}}delete n[L]}}function T(L){if(n[L.id]===void 0)return;let R=n[L.id];for(let U in R){let I=R[U];for(let k in I){let H=I[k];for(let G in H)h(H[G].object),delete H[G];delete I[k]}}delete n[L.id]}function x(L){for(let R in n){let U=n[R];for(let I in U){let k=U[I];if(k[L.id]===void 0)continue;let H=k[L.id];for(let G in H)h(H[G].object),delete H[G];delete k[L.id]}}}function w(L){for(let R in n){let U=n[R],I=L.isInstancedMesh===!0?L.id:0,k=U[I];if(k!==void 0){for(let H in k){let G=k[H];for(let tt in G)h(G[tt].object),delete G[tt];delete k[H]}delete U[I],Object.keys(U).length===0&&delete n[R]}}}function N(){C(),o=!0,r!==i&&(r=i,c(r.object))}function C(){i.geometry=null,i.program=null,i.wireframe=!1}return{setup:a,reset:N,resetDefaultState:C,dispose:S,releaseStatesOfGeometry:T,releaseStatesOfObject:w,releaseStatesOfProgram:x,initAttributes:y,enableAttribute:m,disableUnusedAttributes:_}}function qv(s,t,e){let n;function i(l){n=l}function r(l,c){s.drawArrays(n,l,c),e.update(c,n,1)}function o(l,c,h){h!==0&&(s.drawArraysInstanced(n,l,c,h),e.update(c,n,h))}function a(l,c,h){if(h===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(n,l,0,c,0,h);let d=0;for(let f=0;f<h;f++)d+=c[f];e.update(d,n,1)}this.setMode=i,this.render=r,this.renderInstances=o,this.renderMultiDraw=a}function Xv(s,t,e,n){let i;function r(){if(i!==void 0)return i;if(t.has("EXT_texture_filter_anisotropic")===!0){let x=t.get("EXT_texture_filter_anisotropic");i=s.getParameter(x.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else i=0;return i}function o(x){return!(x!==jn&&n.convert(x)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_FORMAT))}function a(x){let w=x===Jn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(x!==yn&&x!==Bn&&!w&&n.convert(x)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_TYPE))}function l(x){if(x==="highp"){if(s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.HIGH_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.HIGH_FLOAT).precision>0)return"highp";x="mediump"}return x==="mediump"&&s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.MEDIUM_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=e.precision!==void 0?e.precision:"highp",h=l(c);h!==c&&(Rt("WebGLRenderer:",c,"not supported, using",h,"instead."),c=h);let u=e.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=e.logarithmicDepthBuffer===!0&&u===!1;e.reversedDepthBuffer===!0&&u===!1&&Rt("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),e.logarithmicDepthBuffer===!0&&u===!0&&Rt("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let f=s.getParameter(s.MAX_TEXTURE_IMAGE_UNITS),p=s.getParameter(s.MAX_VERTEX_TEXTURE_IMAGE_UNITS),y=s.getParameter(s.MAX_TEXTURE_SIZE),m=s.getParameter(s.MAX_CUBE_MAP_TEXTURE_SIZE),g=s.getParameter(s.MAX_VERTEX_ATTRIBS),_=s.getParameter(s.MAX_VERTEX_UNIFORM_VECTORS),b=s.getParameter(s.MAX_VARYING_VECTORS),v=s.getParameter(s.MAX_FRAGMENT_UNIFORM_VECTORS),S=s.getParameter(s.MAX_SAMPLES),T=s.getParameter(s.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:r,getMaxPrecision:l,textureFormatReadable:o,textureTypeReadable:a,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:u,maxTextures:f,maxVertexTextures:p,maxTextureSize:y,maxCubemapSize:m,maxAttributes:g,maxVertexUniforms:_,maxVaryings:b,maxFragmentUniforms:v,maxSamples:S,samples:T}}function $v(s){let t=this,e=null,n=0,i=!1,r=!1,o=new Ce,a=new Ut,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(u,d){let f=u.length!==0||d||n!==0||i;return i=d,n=u.length,f},this.beginShadows=function(){r=!0,h(null)},this.endShadows=function(){r=!1},this.setGlobalState=function(u,d){e=h(u,d,0)},this.setState=function(u,d,f){let p=u.clippingPlanes,y=u.clipIntersection,m=u.clipShadows,g=s.get(u);if(!i||p===null||p.length===0||r&&!m)r?h(null):c();else{let _=r?0:n,b=_*4,v=g.clippingState||null;l.value=v,v=h(p,d,b,f);for(let S=0;S!==b;++S)v[S]=e[S];g.clippingState=v,this.numIntersection=y?this.numPlanes:0,this.numPlanes+=_}};function c(){l.value!==e&&(l.value=e,l.needsUpdate=n>0),t.numPlanes=n,t.numIntersection=0}function h(u,d,f,p){let y=u!==null?u.length:0,m=null;if(y!==0){if(m=l.value,p!==!0||m===null){let g=f+y*4,_=d.matrixWorldInverse;a.getNormalMatrix(_),(m===null||m.length<g)&&(m=new Float32Array(g));for(let b=0,v=f;b!==y;++b,v+=4)o.copy(u[b]).applyMatrix4(_,a),o.normal.toArray(m,v),m[v+3]=o.constant}l.value=m,l.needsUpdate=!0}return t.numPlanes=y,t.numIntersection=0,m}}var Fo=class extends Sn{constructor(t=1,e={}){super(t,t,e),this.isWebGLCubeRenderTarget=!0;let n={width:t,height:t,depth:1},i=[n,n,n,n,n,n];this.texture=new co(i),this._setTextureOptions(e),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(t,e){this.texture.type=e.type,this.texture.colorSpace=e.colorSpace,this.texture.generateMipmaps=e.generateMipmaps,this.texture.minFilter=e.minFilter,this.texture.magFilter=e.magFilter;let n={uniforms:{tEquirect:{value:null}},vertexShader:`

				varying vec3 vWorldDirection;

				vec3 transformDirection( in vec3 dir, in mat4 matrix ) {

					return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );

				}

				void main() {

					vWorldDirection = transformDirection( position, modelMatrix );

					#include <begin_vertex>
					#include <project_vertex>

				}
			`,fragmentShader:`

				uniform sampler2D tEquirect;

				varying vec3 vWorldDirection;

				#include <common>

				void main() {

					vec3 direction = normalize( vWorldDirection );

					vec2 sampleUV = equirectUv( direction );

					gl_FragColor = texture2D( tEquirect, sampleUV );

				}
			`},i=new rr(5,5,5),r=new oi({name:"CubemapFromEquirect",uniforms:Ss(n.uniforms),vertexShader:n.vertexShader,fragmentShader:n.fragmentShader,side:Ke,blending:_s});r.uniforms.tEquirect.value=e;let o=new pe(i,r),a=e.minFilter;return e.minFilter===Ti&&(e.minFilter=cn),new ur(1,10,this).update(t,o),e.minFilter=a,o.geometry.dispose(),o.material.dispose(),this}clear(t,e=!0,n=!0,i=!0){let r=t.getRenderTarget();for(let o=0;o<6;o++)t.setRenderTarget(this,o),t.clear(e,n,i);t.setRenderTarget(r)}},jp=256,Yv=3,Zv=20,bm=256,wm=16,Kv=3,Jv=new A,jv=new Ot,hc=class s{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new ur(1,10,null),this._boxMesh=new pe(new rr(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,e=0,n=.1,i=100,r={}){let{size:o=256,position:a=Jv}=r,l=this._renderer;this._setSize(o);let c=this._allocateTarget(),h=this._getSourceTarget(!0);e>0&&(h.texture.mipmapsAutoUpdate=!1);let u=l.autoClear,d=l.autoClearColor,f=l.autoClearDepth,p=l.autoClearStencil,y=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,y===null&&(t.background=l.getClearColor(jv));let m=new ur(n,i,h);return m.position.copy(a),m.update(l,t),l.autoClear=u,l.autoClearColor=d,l.autoClearDepth=f,l.autoClearStencil=p,t.background=y,e>0&&(h.texture.mipmapsAutoUpdate=!0,this._blur(c,e)),this._applyPMREM(c),c}fromEquirectangular(t,e=null){return this._fromTexture(t,e)}fromCubemap(t,e=null){return this._fromTexture(t,e)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=em(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=tm(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,e){return e>0?1-Math.sqrt(1-t/e):0}_setSize(t){this._cubeSize=Math.max(jp,Bu(t))}_fromTexture(t,e){t.mapping===bs||t.mapping===mr?this._setSize(t.image.length===0?jp:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let n=e||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(n),n}_allocateTarget(){let t=this._cubeSize,e=Qp(t,!1,!1),n=Math.log2(t)-Yv;for(let i=0;i<=n;i++)e.texture.mipmaps.push({width:t>>i,height:t>>i});return e.texture.name="PMREM",e.texture.isPMREMTexture=!0,e}_getSourceTarget(t=!1){let e=this._cubeSize,n=this._sourceTarget;return(n===null||n.width!==e||t&&n.depthBuffer===!1)&&(n!==null&&n.dispose(),this._sourceTarget=Qp(e,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,e,n){let i=this._boxMesh,r=this._cubeCamera;i.material=n,r.renderTarget=t,r.activeMipmapLevel=e;let o=t.width>>e;t.viewport.set(0,0,o,o),r.update(this._renderer,i),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let e;t.mapping===bs||t.mapping===mr?(this._cubemapMaterial===null&&(this._cubemapMaterial=em()),e=this._cubemapMaterial,e.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=tm()),e=this._equirectMaterial),e.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,e)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=Qv(),this._integrationMaterial=tb());let e=this._cubeSize,n=t.texture.mipmaps.length-1,i=this._ggxMaterial.uniforms;i.envMap.value=this._sourceTarget.texture;let r=this._integrationMaterial.uniforms;r.envMap.value=this._sourceTarget.texture,r.sourceLod.value=Math.log2(e/wm);for(let o=0;o<=n;o++){let a=s.lodToRoughness(o,n);if(o>n-Kv)r.roughness.value=a,this._renderCube(t,o,this._integrationMaterial);else{let l=a>0?Math.log2(e)+.5*Math.log2(6/(bm*Math.pow(a,4)))+.5:0;i.roughness.value=a,i.lodBias.value=l,this._renderCube(t,o,this._ggxMaterial)}}}_blur(t,e){this._blurMaterial===null&&(this._blurMaterial=eb());let n=this._blurMaterial,i=n.uniforms,r=this._sourceTarget;i.sigma.value=Math.min(e,Math.PI)/Math.SQRT2,i.envMap.value=r.texture,this._renderCube(t,0,n),i.envMap.value=t.texture,this._renderCube(r,0,n)}};function Qp(s,t,e){return new Fo(s,{minFilter:Ti,generateMipmaps:t,type:Jn,colorSpace:eo,depthBuffer:e})}function ko(s,t,e){return new oi({name:s,uniforms:t,vertexShader:Ht.cube_vert,fragmentShader:e,side:Ke,blending:_s,depthTest:!1,depthWrite:!1})}function Qv(){return ko("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${bm}u

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float lodBias;

		#include <common>

		// Van der Corput radical inverse
		float radicalInverse_VdC( uint bits ) {

			bits = ( bits << 16u ) | ( bits >> 16u );
			bits = ( ( bits & 0x55555555u ) << 1u ) | ( ( bits & 0xAAAAAAAAu ) >> 1u );
			bits = ( ( bits & 0x33333333u ) << 2u ) | ( ( bits & 0xCCCCCCCCu ) >> 2u );
			bits = ( ( bits & 0x0F0F0F0Fu ) << 4u ) | ( ( bits & 0xF0F0F0F0u ) >> 4u );
			bits = ( ( bits & 0x00FF00FFu ) << 8u ) | ( ( bits & 0xFF00FF00u ) >> 8u );
			return float( bits ) * 2.3283064365386963e-10; // / 0x100000000

		}

		// Hammersley sequence
		vec2 hammersley( uint i, uint N ) {

			return vec2( float( i ) / float( N ), radicalInverse_VdC( i ) );

		}

		void main() {

			vec3 N = normalize( vWorldDirection );

			// For very low roughness, just sample the environment directly
			if ( roughness < 0.001 ) {

				gl_FragColor = vec4( textureLod( envMap, N, 0.0 ).rgb, 1.0 );
				return;

			}

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			// Tangent space basis for VNDF sampling
			vec3 up = abs( N.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, N ) );
			vec3 bitangent = cross( N, tangent );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			for ( uint i = 0u; i < GGX_SAMPLES; i ++ ) {

				vec2 Xi = hammersley( i, GGX_SAMPLES );

				// With V = N, sample the reflected direction directly.
				float invQ = 1.0 / ( 1.0 - Xi.x + alpha2 * Xi.x );
				float NdotL = ( 1.0 - Xi.x - alpha2 * Xi.x ) * invQ;

				if ( NdotL > 0.0 ) {

					float phi = 2.0 * PI * Xi.y;
					float sinTheta = 2.0 * alpha * sqrt( Xi.x * ( 1.0 - Xi.x ) ) * invQ;
					vec3 L = N * NdotL + ( tangent * cos( phi ) + bitangent * sin( phi ) ) * sinTheta;

					// Match the source mip to the sample's solid angle. The terms
					// independent of the sample are precomputed in lodBias.
					float d = alpha2 * invQ;
					float lod = max( log2( d ) + lodBias, 0.0 );

					// Weight by NdotL for the split-sum approximation
					prefilteredColor += textureLod( envMap, L, lod ).rgb * NdotL;
					totalWeight += NdotL;

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function tb(){return ko("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:wm}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float sourceLod;
		uniform int sourceSize;

		void main() {

			vec3 N = normalize( vWorldDirection );

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			float texelSize = 2.0 / float( sourceSize );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			// Pair opposite texels: only the one in N's hemisphere contributes.
			for ( int face = 0; face < 3; face ++ ) {

				for ( int y = 0; y < sourceSize; y ++ ) {

					for ( int x = 0; x < sourceSize; x ++ ) {

						vec2 uv = ( vec2( x, y ) + 0.5 ) * texelSize - 1.0;
						vec3 texelDirection = face == 0 ? vec3( 1.0, uv ) : ( face == 1 ? vec3( uv.x, 1.0, uv.y ) : vec3( uv, 1.0 ) );

						float invDistance = inversesqrt( 1.0 + dot( uv, uv ) );
						float NdotL = dot( N, texelDirection );
						texelDirection *= NdotL < 0.0 ? - 1.0 : 1.0;
						NdotL = abs( NdotL ) * invDistance;

						// With V = N, NdotH squared is ( 1 + NdotL ) / 2. Common factors
						// in the GGX distribution and texel solid angle cancel when normalized.
						float d = 1.0 + alpha2 + ( alpha2 - 1.0 ) * NdotL;
						float weight = NdotL * invDistance * invDistance * invDistance / ( d * d );

						prefilteredColor += textureLod( envMap, texelDirection, sourceLod ).rgb * weight;
						totalWeight += weight;

					}

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function eb(){return ko("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${Zv}
		#define GOLDEN_ANGLE 2.39996322973

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float sigma;

		#include <common>

		void main() {

			vec3 outputDirection = normalize( vWorldDirection );

			vec3 up = abs( outputDirection.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, outputDirection ) );
			vec3 bitangent = cross( outputDirection, tangent );

			// Truncate the kernel at three standard deviations or at the antipode.
			float thetaMax = min( 3.0 * sigma, PI );
			float truncation = 1.0 - exp( - 0.5 * thetaMax * thetaMax / ( sigma * sigma ) );

			vec3 accumColor = vec3( 0.0 );
			float accumWeight = 0.0;

			for ( int i = 0; i < SAMPLES; i ++ ) {

				// Stratified inverse-CDF sampling of the Gaussian, placed on a golden-angle spiral.
				float stratum = ( float( i ) + 0.5 ) / float( SAMPLES );
				float theta = sigma * sqrt( - 2.0 * log( 1.0 - stratum * truncation ) );
				float phi = float( i ) * GOLDEN_ANGLE;

				vec3 offset = cos( phi ) * tangent + sin( phi ) * bitangent;
				vec3 sampleDirection = cos( theta ) * outputDirection + sin( theta ) * offset;

				// Correct the planar sample density to solid angle.
				float weight = sin( theta ) / theta;

				accumColor += weight * textureLod( envMap, sampleDirection, 0.0 ).rgb;
				accumWeight += weight;

			}

			gl_FragColor = vec4( accumColor / accumWeight, 1.0 );

		}
	`)}function tm(){return ko("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

		varying vec3 vWorldDirection;

		uniform sampler2D envMap;

		#include <common>

		void main() {

			// Average four subpixel samples to preserve small, bright features.
			vec3 direction = normalize( vWorldDirection );
			vec3 dx = dFdx( direction ) * 0.25;
			vec3 dy = dFdy( direction ) * 0.25;

			vec3 color = textureLod( envMap, equirectUv( normalize( direction - dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction - dx + dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx + dy ) ), 0.0 ).rgb;
			gl_FragColor = vec4( color * 0.25, 1.0 );

		}
	`)}function em(){return ko("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function nb(s){let t=new WeakMap,e=new WeakMap,n=null;function i(d,f=!1){return d==null?null:f?o(d):r(d)}function r(d){if(d&&d.isTexture){let f=d.mapping;if(f===bl||f===wl)if(t.has(d)){let p=t.get(d).texture;return a(p,d.mapping)}else{let p=d.image;if(p&&p.height>0){let y=new Fo(p.height);return y.fromEquirectangularTexture(s,d),t.set(d,y),d.addEventListener("dispose",c),a(y.texture,d.mapping)}else return null}}return d}function o(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let f=d.mapping,p=f===bl||f===wl,y=f===bs||f===mr;if(p||y){let m=e.get(d),g=m!==void 0?m.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==g)return n===null&&(n=new hc(s)),m=p?n.fromEquirectangular(d,m):n.fromCubemap(d,m),m.texture.pmremVersion=d.pmremVersion,e.set(d,m),m.texture;if(m!==void 0)return m.texture;{let _=d.image;return p&&_&&_.height>0||y&&_&&l(_)?(n===null&&(n=new hc(s)),m=p?n.fromEquirectangular(d):n.fromCubemap(d),m.texture.pmremVersion=d.pmremVersion,e.set(d,m),d.addEventListener("dispose",h),m.texture):null}}}return d}function a(d,f){return f===bl?d.mapping=bs:f===wl&&(d.mapping=mr),d}function l(d){let f=0,p=6;for(let y=0;y<p;y++)d[y]!==void 0&&f++;return f===p}function c(d){let f=d.target;f.removeEventListener("dispose",c);let p=t.get(f);p!==void 0&&(t.delete(f),p.dispose())}function h(d){let f=d.target;f.removeEventListener("dispose",h);let p=e.get(f);p!==void 0&&(e.delete(f),p.dispose())}function u(){t=new WeakMap,e=new WeakMap,n!==null&&(n.dispose(),n=null)}return{get:i,dispose:u}}function ib(s){let t={};function e(n){if(t[n]!==void 0)return t[n];let i=s.getExtension(n);return t[n]=i,i}return{has:function(n){return e(n)!==null},init:function(){e("EXT_color_buffer_float"),e("WEBGL_clip_cull_distance"),e("OES_texture_float_linear"),e("EXT_color_buffer_half_float"),e("WEBGL_multisampled_render_to_texture"),e("WEBGL_render_shared_exponent")},get:function(n){let i=e(n);return i===null&&Zr("WebGLRenderer: "+n+" extension not supported."),i}}}function sb(s,t,e,n){let i={},r=new WeakMap,o=new FinalizationRegistry(p=>delete i[p]);function a(p){l(p.target)}function l(p){p.index!==null&&t.remove(p.index);for(let m in p.attributes)t.remove(p.attributes[m]);p.removeEventListener("dispose",a),delete i[p.id],o.unregister(p);let y=r.get(p);y&&(t.remove(y),r.delete(p)),n.releaseStatesOfGeometry(p),p.isInstancedBufferGeometry===!0&&delete p._maxInstanceCount,e.memory.geometries--}function c(p,y){return i[y.id]!==void 0||(y.addEventListener("dispose",a),i[y.id]=new WeakRef(y),o.register(y,y.id,y),e.memory.geometries++),y}function h(p){let y=p.attributes;for(let m in y)t.update(y[m],s.ARRAY_BUFFER)}function u(p){let y=p.index,m=p.attributes.position,g=0;if(m===void 0)return;let _=y!==null?y.array.length:m.array.length/3-1,b=m.count>=65535?oo:ro,v=new b(Math.ceil(_/3)*6,1),S=v.array;if(y!==null){let x=y.array;g=y.version;for(let w=0,N=0;w<_;w+=3){let C=x[w+0],L=x[w+1],R=x[w+2];S[N++]=C,S[N++]=L,S[N++]=L,S[N++]=R,S[N++]=R,S[N++]=C}}else{g=m.version;for(let x=0,w=0;x<_;x+=3){let N=x+0,C=x+1,L=x+2;S[w++]=N,S[w++]=C,S[w++]=C,S[w++]=L,S[w++]=L,S[w++]=N}}v.version=g;let T=r.get(p);T&&t.remove(T),r.set(p,v)}function d(p){let y=r.get(p);if(y){let m=p.index;m!==null&&y.version<m.version&&u(p)}else u(p);return r.get(p)}function f(){for(let p in i){let y=i[p].deref();y!==void 0&&l(y)}}return{get:c,update:h,getWireframeAttribute:d,dispose:f}}function rb(s,t,e){let n;function i(u){n=u}let r,o;function a(u){r=u.type,o=u.bytesPerElement}function l(u,d){s.drawElements(n,d,r,u*o),e.update(d,n,1)}function c(u,d,f){f!==0&&(s.drawElementsInstanced(n,d,r,u*o,f),e.update(d,n,f))}function h(u,d,f){if(f===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(n,d,0,r,u,0,f);let y=0;for(let m=0;m<f;m++)y+=d[m];e.update(y,n,1)}this.setMode=i,this.setIndex=a,this.render=l,this.renderInstances=c,this.renderMultiDraw=h}function ob(s){let t={geometries:0,textures:0},e={frame:0,calls:0,triangles:0,points:0,lines:0};function n(r,o,a){switch(e.calls++,o){case s.TRIANGLES:e.triangles+=a*(r/3);break;case s.LINES:e.lines+=a*(r/2);break;case s.LINE_STRIP:e.lines+=a*(r-1);break;case s.LINE_LOOP:e.lines+=a*r;break;case s.POINTS:e.points+=a*r;break;default:Lt("WebGLInfo: Unknown draw mode:",o);break}}function i(){e.calls=0,e.triangles=0,e.points=0,e.lines=0}return{memory:t,render:e,programs:null,autoReset:!0,reset:i,update:n}}function ab(s,t,e){let n=new WeakMap,i=new _e;function r(o,a,l){let c=o.morphTargetInfluences,h=a.morphAttributes.position||a.morphAttributes.normal||a.morphAttributes.color,u=h!==void 0?h.length:0,d=n.get(a);if(d===void 0||d.count!==u){let N=function(){x.dispose(),n.delete(a),a.removeEventListener("dispose",N)};d!==void 0&&d.texture.dispose();let f=a.morphAttributes.position!==void 0,p=a.morphAttributes.normal!==void 0,y=a.morphAttributes.color!==void 0,m=a.morphAttributes.position||[],g=a.morphAttributes.normal||[],_=a.morphAttributes.color||[],b=0;f===!0&&(b=1),p===!0&&(b=2),y===!0&&(b=3);let v=a.attributes.position.count*b,S=1;v>t.maxTextureSize&&(S=Math.ceil(v/t.maxTextureSize),v=t.maxTextureSize);let T=new Float32Array(v*S*4*u),x=new so(T,v,S,u);x.type=Bn,x.needsUpdate=!0;let w=b*4;for(let C=0;C<u;C++){let L=m[C],R=g[C],U=_[C],I=v*S*4*C;for(let k=0;k<L.count;k++){let H=k*w;f===!0&&(i.fromBufferAttribute(L,k),T[I+H+0]=i.x,T[I+H+1]=i.y,T[I+H+2]=i.z,T[I+H+3]=0),p===!0&&(i.fromBufferAttribute(R,k),T[I+H+4]=i.x,T[I+H+5]=i.y,T[I+H+6]=i.z,T[I+H+7]=0),y===!0&&(i.fromBufferAttribute(U,k),T[I+H+8]=i.x,T[I+H+9]=i.y,T[I+H+10]=i.z,T[I+H+11]=U.itemSize===4?i.w:1)}}d={count:u,texture:x,size:new ct(v,S)},n.set(a,d),a.addEventListener("dispose",N)}if(o.isInstancedMesh===!0&&o.morphTexture!==null)l.getUniforms().setValue(s,"morphTexture",o.morphTexture,e);else{let f=0;for(let y=0;y<c.length;y++)f+=c[y];let p=a.morphTargetsRelative?1:1-f;l.getUniforms().setValue(s,"morphTargetBaseInfluence",p),l.getUniforms().setValue(s,"morphTargetInfluences",c)}l.getUniforms().setValue(s,"morphTargetsTexture",d.texture,e),l.getUniforms().setValue(s,"morphTargetsTextureSize",d.size)}return{update:r}}function lb(s,t,e,n,i){let r=new WeakMap;function o(c){let h=i.render.frame,u=c.geometry,d=t.get(c,u);if(r.get(d)!==h&&(t.update(d),r.set(d,h)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),r.get(c)!==h&&(e.update(c.instanceMatrix,s.ARRAY_BUFFER),c.instanceColor!==null&&e.update(c.instanceColor,s.ARRAY_BUFFER),r.set(c,h))),c.isSkinnedMesh){let f=c.skeleton;r.get(f)!==h&&(f.update(),r.set(f,h))}return d}function a(){r=new WeakMap}function l(c){let h=c.target;h.removeEventListener("dispose",l),n.releaseStatesOfObject(h),e.remove(h.instanceMatrix),h.instanceColor!==null&&e.remove(h.instanceColor)}return{update:o,dispose:a}}var cb={[_u]:"LINEAR_TONE_MAPPING",[vu]:"REINHARD_TONE_MAPPING",[bu]:"CINEON_TONE_MAPPING",[wu]:"ACES_FILMIC_TONE_MAPPING",[Mu]:"AGX_TONE_MAPPING",[Eu]:"NEUTRAL_TONE_MAPPING",[Su]:"CUSTOM_TONE_MAPPING"};function hb(s,t,e,n,i,r){let o=new Sn(t,e,{type:s,depthBuffer:i,stencilBuffer:r,samples:n?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),a=null,l=null,c=null,h=new se;h.setAttribute("position",new Se([-1,3,0,-1,-1,0,3,-1,0],3)),h.setAttribute("uv",new Se([0,2,0,0,2,0],2));let u=new rl({uniforms:{tDiffuse:{value:null}},vertexShader:`
			precision highp float;

			uniform mat4 modelViewMatrix;
			uniform mat4 projectionMatrix;

			attribute vec3 position;
			attribute vec2 uv;

			varying vec2 vUv;

			void main() {
				vUv = uv;
				gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
			}`,fragmentShader:`
			precision highp float;

			uniform sampler2D tDiffuse;

			varying vec2 vUv;

			#include <tonemapping_pars_fragment>
			#include <colorspace_pars_fragment>

			void main() {
				gl_FragColor = texture2D( tDiffuse, vUv );

				#ifdef LINEAR_TONE_MAPPING
					gl_FragColor.rgb = LinearToneMapping( gl_FragColor.rgb );
				#elif defined( REINHARD_TONE_MAPPING )
					gl_FragColor.rgb = ReinhardToneMapping( gl_FragColor.rgb );
				#elif defined( CINEON_TONE_MAPPING )
					gl_FragColor.rgb = CineonToneMapping( gl_FragColor.rgb );
				#elif defined( ACES_FILMIC_TONE_MAPPING )
					gl_FragColor.rgb = ACESFilmicToneMapping( gl_FragColor.rgb );
				#elif defined( AGX_TONE_MAPPING )
					gl_FragColor.rgb = AgXToneMapping( gl_FragColor.rgb );
				#elif defined( NEUTRAL_TONE_MAPPING )
					gl_FragColor.rgb = NeutralToneMapping( gl_FragColor.rgb );
				#elif defined( CUSTOM_TONE_MAPPING )
					gl_FragColor.rgb = CustomToneMapping( gl_FragColor.rgb );
				#endif

				#ifdef SRGB_TRANSFER
					gl_FragColor = sRGBTransferOETF( gl_FragColor );
				#endif
			}`,depthTest:!1,depthWrite:!1}),d=new pe(h,u),f=new So(-1,1,1,-1,0,1),p=null,y=null,m=!1,g,_=null,b=[],v=!1;this.setSize=function(S,T){o.setSize(S,T),a!==null&&a.setSize(S,T),l!==null&&l.setSize(S,T);for(let x=0;x<b.length;x++){let w=b[x];w.setSize&&w.setSize(S,T)}},this.setEffects=function(S){b=S,v=b.length>0&&b[0].isRenderPass===!0;let T=o.width,x=o.height;b.length>0&&a===null&&(a=new Sn(T,x,{type:Jn,depthBuffer:!1,stencilBuffer:!1}),l=new Sn(T,x,{type:Jn,depthBuffer:!1,stencilBuffer:!1}));let w=i===!0&&b.some(N=>N.needsDepthTexture===!0);w!==(o.depthTexture!==null)&&(w===!0&&c===null&&(c=new Ei(T,x),r===!0&&(c.format=Ai,c.type=ws)),o.dispose(),o.depthTexture=w?c:null,o.resolveDepthBuffer=w,o.storeMultisampledDepthBuffer=w);for(let N=0;N<b.length;N++){let C=b[N];C.setSize&&C.setSize(T,x),w&&C.needsDepthTexture===!0&&C.setDepthTexture&&C.setDepthTexture(c)}},this.begin=function(S,T){if(m||S.toneMapping===ai&&b.length===0)return!1;if(_=T,T!==null){let x=T.width,w=T.height;(o.width!==x||o.height!==w)&&this.setSize(x,w)}return v===!1&&S.setRenderTarget(o),g=S.toneMapping,S.toneMapping=ai,!0},this.hasRenderPass=function(){return v},this.end=function(S,T){S.toneMapping=g,m=!0;let x=o,w=a;for(let N=0;N<b.length;N++){let C=b[N];C.enabled!==!1&&(C.render(S,w,x,T),C.needsSwap!==!1&&(x=w,w=w===a?l:a))}if(p!==S.outputColorSpace||y!==S.toneMapping){p=S.outputColorSpace,y=S.toneMapping,u.defines={},$t.getTransfer(p)===ie&&(u.defines.SRGB_TRANSFER="");let N=cb[y];N&&(u.defines[N]=""),u.needsUpdate=!0}u.uniforms.tDiffuse.value=x.texture,S.setRenderTarget(_),S.render(d,f),_=null,m=!1},this.isCompositing=function(){return m},this.dispose=function(){o.dispose(),a!==null&&a.dispose(),l!==null&&l.dispose(),h.dispose(),u.dispose()}}var Sm=new gn,Mm=new Ei(1,1),Em=new ho(1),Tm=new so,Am=new Ya,Cm=new co,nm=[],im=[],sm=new Float32Array(16),rm=new Float32Array(9),om=new Float32Array(4);function _r(s,t,e){let n=s[0];if(n<=0||n>0)return s;let i=t*e,r=nm[i];if(r===void 0&&(r=new Float32Array(i),nm[i]=r),t!==0){n.toArray(r,0);for(let o=1,a=0;o!==t;++o)a+=e,s[o].toArray(r,a)}return r}function ke(s,t){if(s.length!==t.length)return!1;for(let e=0,n=s.length;e<n;e++)if(s[e]!==t[e])return!1;return!0}function Be(s,t){for(let e=0,n=t.length;e<n;e++)s[e]=t[e]}function fc(s,t){let e=im[t];e===void 0&&(e=new Int32Array(t),im[t]=e);for(let n=0;n!==t;++n)e[n]=s.allocateTextureUnit();return e}function ub(s,t){let e=this.cache;e[0]!==t&&(s.uniform1f(this.addr,t),e[0]=t)}function db(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2f(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(ke(e,t))return;s.uniform2fv(this.addr,t),Be(e,t)}}function fb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3f(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else if(t.r!==void 0)(e[0]!==t.r||e[1]!==t.g||e[2]!==t.b)&&(s.uniform3f(this.addr,t.r,t.g,t.b),e[0]=t.r,e[1]=t.g,e[2]=t.b);else{if(ke(e,t))return;s.uniform3fv(this.addr,t),Be(e,t)}}function pb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4f(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(ke(e,t))return;s.uniform4fv(this.addr,t),Be(e,t)}}function mb(s,t){let e=this.cache,n=t.elements;if(n===void 0){if(ke(e,t))return;s.uniformMatrix2fv(this.addr,!1,t),Be(e,t)}else{if(ke(e,n))return;om.set(n),s.uniformMatrix2fv(this.addr,!1,om),Be(e,n)}}function gb(s,t){let e=this.cache,n=t.elements;if(n===void 0){if(ke(e,t))return;s.uniformMatrix3fv(this.addr,!1,t),Be(e,t)}else{if(ke(e,n))return;rm.set(n),s.uniformMatrix3fv(this.addr,!1,rm),Be(e,n)}}function yb(s,t){let e=this.cache,n=t.elements;if(n===void 0){if(ke(e,t))return;s.uniformMatrix4fv(this.addr,!1,t),Be(e,t)}else{if(ke(e,n))return;sm.set(n),s.uniformMatrix4fv(this.addr,!1,sm),Be(e,n)}}function xb(s,t){let e=this.cache;e[0]!==t&&(s.uniform1i(this.addr,t),e[0]=t)}function _b(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2i(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(ke(e,t))return;s.uniform2iv(this.addr,t),Be(e,t)}}function vb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3i(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(ke(e,t))return;s.uniform3iv(this.addr,t),Be(e,t)}}function bb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4i(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(ke(e,t))return;s.uniform4iv(this.addr,t),Be(e,t)}}function wb(s,t){let e=this.cache;e[0]!==t&&(s.uniform1ui(this.addr,t),e[0]=t)}function Sb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2ui(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(ke(e,t))return;s.uniform2uiv(this.addr,t),Be(e,t)}}function Mb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3ui(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(ke(e,t))return;s.uniform3uiv(this.addr,t),Be(e,t)}}function Eb(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4ui(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(ke(e,t))return;s.uniform4uiv(this.addr,t),Be(e,t)}}function pc(s){return s.version===0&&(s.compareFunction=Uu,s.needsUpdate=!0),s}function Tb(s,t,e){let n=this.cache,i=e.allocateTextureUnit();n[0]!==i&&(s.uniform1i(this.addr,i),n[0]=i);let r;this.type===s.SAMPLER_2D_SHADOW?r=pc(Mm):r=Sm,e.setTexture2D(t||r,i)}function Ab(s,t,e){let n=this.cache,i=e.allocateTextureUnit();n[0]!==i&&(s.uniform1i(this.addr,i),n[0]=i),e.setTexture3D(t||Am,i)}function Cb(s,t,e){let n=this.cache,i=e.allocateTextureUnit();n[0]!==i&&(s.uniform1i(this.addr,i),n[0]=i);let r;this.type===s.SAMPLER_CUBE_SHADOW?r=pc(Em):r=Cm,e.setTextureCube(t||r,i)}function Rb(s,t,e){let n=this.cache,i=e.allocateTextureUnit();n[0]!==i&&(s.uniform1i(this.addr,i),n[0]=i),e.setTexture2DArray(t||Tm,i)}function Pb(s){switch(s){case 5126:return ub;case 35664:return db;case 35665:return fb;case 35666:return pb;case 35674:return mb;case 35675:return gb;case 35676:return yb;case 5124:case 35670:return xb;case 35667:case 35671:return _b;case 35668:case 35672:return vb;case 35669:case 35673:return bb;case 5125:return wb;case 36294:return Sb;case 36295:return Mb;case 36296:return Eb;case 35678:case 36198:case 36298:case 36306:case 35682:return Tb;case 35679:case 36299:case 36307:return Ab;case 35680:case 36300:case 36308:case 36293:return Cb;case 36289:case 36303:case 36311:case 36292:return Rb}}function Ib(s,t){s.uniform1fv(this.addr,t)}function Lb(s,t){let e=_r(t,this.size,2);s.uniform2fv(this.addr,e)}function Nb(s,t){let e=_r(t,this.size,3);s.uniform3fv(this.addr,e)}function Db(s,t){let e=_r(t,this.size,4);s.uniform4fv(this.addr,e)}function Ub(s,t){let e=_r(t,this.size,4);s.uniformMatrix2fv(this.addr,!1,e)}function Ob(s,t){let e=_r(t,this.size,9);s.uniformMatrix3fv(this.addr,!1,e)}function Fb(s,t){let e=_r(t,this.size,16);s.uniformMatrix4fv(this.addr,!1,e)}function kb(s,t){s.uniform1iv(this.addr,t)}function Bb(s,t){s.uniform2iv(this.addr,t)}function zb(s,t){s.uniform3iv(this.addr,t)}function Vb(s,t){s.uniform4iv(this.addr,t)}function Hb(s,t){s.uniform1uiv(this.addr,t)}function Gb(s,t){s.uniform2uiv(this.addr,t)}function Wb(s,t){s.uniform3uiv(this.addr,t)}function qb(s,t){s.uniform4uiv(this.addr,t)}function Xb(s,t,e){let n=this.cache,i=t.length,r=fc(e,i);ke(n,r)||(s.uniform1iv(this.addr,r),Be(n,r));let o;this.type===s.SAMPLER_2D_SHADOW?o=pc(Mm):o=Sm;for(let a=0;a!==i;++a)e.setTexture2D(t[a]||o,r[a])}function $b(s,t,e){let n=this.cache,i=t.length,r=fc(e,i);ke(n,r)||(s.uniform1iv(this.addr,r),Be(n,r));for(let o=0;o!==i;++o)e.setTexture3D(t[o]||Am,r[o])}function Yb(s,t,e){let n=this.cache,i=t.length,r=fc(e,i);ke(n,r)||(s.uniform1iv(this.addr,r),Be(n,r));let o;this.type===s.SAMPLER_CUBE_SHADOW?o=pc(Em):o=Cm;for(let a=0;a!==i;++a)e.setTextureCube(t[a]||o,r[a])}function Zb(s,t,e){let n=this.cache,i=t.length,r=fc(e,i);ke(n,r)||(s.uniform1iv(this.addr,r),Be(n,r));for(let o=0;o!==i;++o)e.setTexture2DArray(t[o]||Tm,r[o])}function Kb(s){switch(s){case 5126:return Ib;case 35664:return Lb;case 35665:return Nb;case 35666:return Db;case 35674:return Ub;case 35675:return Ob;case 35676:return Fb;case 5124:case 35670:return kb;case 35667:case 35671:return Bb;case 35668:case 35672:return zb;case 35669:case 35673:return Vb;case 5125:return Hb;case 36294:return Gb;case 36295:return Wb;case 36296:return qb;case 35678:case 36198:case 36298:case 36306:case 35682:return Xb;case 35679:case 36299:case 36307:return $b;case 35680:case 36300:case 36308:case 36293:return Yb;case 36289:case 36303:case 36311:case 36292:return Zb}}var Zu=class{constructor(t,e,n){this.id=t,this.addr=n,this.cache=[],this.type=e.type,this.setValue=Pb(e.type)}},Ku=class{constructor(t,e,n){this.id=t,this.addr=n,this.cache=[],this.type=e.type,this.size=e.size,this.setValue=Kb(e.type)}},Ju=class{constructor(t){this.id=t,this.seq=[],this.map={}}setValue(t,e,n){let i=this.seq;for(let r=0,o=i.length;r!==o;++r){let a=i[r];a.setValue(t,e[a.id],n)}}},$u=/(\w+)(\])?(\[|\.)?/g;function am(s,t){s.seq.push(t),s.map[t.id]=t}function Jb(s,t,e){let n=s.name,i=n.length;for($u.lastIndex=0;;){let r=$u.exec(n),o=$u.lastIndex,a=r[1],l=r[2]==="]",c=r[3];if(l&&(a=a|0),c===void 0||c==="["&&o+2===i){am(e,c===void 0?new Zu(a,s,t):new Ku(a,s,t));break}else{let u=e.map[a];u===void 0&&(u=new Ju(a),am(e,u)),e=u}}}var xr=class{constructor(t,e){this.seq=[],this.map={};let n=t.getProgramParameter(e,t.ACTIVE_UNIFORMS);for(let o=0;o<n;++o){let a=t.getActiveUniform(e,o),l=t.getUniformLocation(e,a.name);Jb(a,l,this)}let i=[],r=[];for(let o of this.seq)o.type===t.SAMPLER_2D_SHADOW||o.type===t.SAMPLER_CUBE_SHADOW||o.type===t.SAMPLER_2D_ARRAY_SHADOW?i.push(o):r.push(o);i.length>0&&(this.seq=i.concat(r))}setValue(t,e,n,i){let r=this.map[e];r!==void 0&&r.setValue(t,n,i)}setOptional(t,e,n){let i=e[n];i!==void 0&&this.setValue(t,n,i)}static upload(t,e,n,i){for(let r=0,o=e.length;r!==o;++r){let a=e[r],l=n[a.id];l.needsUpdate!==!1&&a.setValue(t,l.value,i)}}static seqWithValue(t,e){let n=[];for(let i=0,r=t.length;i!==r;++i){let o=t[i];o.id in e&&n.push(o)}return n}};function lm(s,t,e){let n=s.createShader(t);return s.shaderSource(n,e),s.compileShader(n),n}var jb=37297,Qb=0;function tw(s,t){let e=s.split(`
`),n=[],i=Math.max(t-6,0),r=Math.min(t+6,e.length);for(let o=i;o<r;o++){let a=o+1;n.push(`${a===t?">":" "} ${a}: ${e[o]}`)}return n.join(`
`)}var cm=new Ut;function ew(s){$t._getMatrix(cm,$t.workingColorSpace,s);let t=`mat3( ${cm.elements.map(e=>e.toFixed(4))} )`;switch($t.getTransfer(s)){case no:return[t,"LinearTransferOETF"];case ie:return[t,"sRGBTransferOETF"];default:return Rt("WebGLProgram: Unsupported color space: ",s),[t,"LinearTransferOETF"]}}function hm(s,t,e){let n=s.getShaderParameter(t,s.COMPILE_STATUS),r=(s.getShaderInfoLog(t)||"").trim();if(n&&r==="")return"";let o=/ERROR: 0:(\d+)/.exec(r);if(o){let a=parseInt(o[1]);return e.toUpperCase()+`

`+r+`

`+tw(s.getShaderSource(t),a)}else return r}function nw(s,t){let e=ew(t);return[`vec4 ${s}( vec4 value ) {`,`	return ${e[1]}( vec4( ${e[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var iw={[_u]:"Linear",[vu]:"Reinhard",[bu]:"Cineon",[wu]:"ACESFilmic",[Mu]:"AgX",[Eu]:"Neutral",[Su]:"Custom"};function sw(s,t){let e=iw[t];return e===void 0?(Rt("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+s+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+s+"( vec3 color ) { return "+e+"ToneMapping( color ); }"}var cc=new A;function rw(){$t.getLuminanceCoefficients(cc);let s=cc.x.toFixed(4),t=cc.y.toFixed(4),e=cc.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${s}, ${t}, ${e} );`,"	return dot( weights, rgb );","}"].join(`
`)}function ow(s){return[s.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",s.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(Oo).join(`
`)}function aw(s){let t=[];for(let e in s){let n=s[e];n!==!1&&t.push("#define "+e+" "+n)}return t.join(`
`)}function lw(s,t){let e={},n=s.getProgramParameter(t,s.ACTIVE_ATTRIBUTES);for(let i=0;i<n;i++){let r=s.getActiveAttrib(t,i),o=r.name,a=1;r.type===s.FLOAT_MAT2&&(a=2),r.type===s.FLOAT_MAT3&&(a=3),r.type===s.FLOAT_MAT4&&(a=4),e[o]={type:r.type,location:s.getAttribLocation(t,o),locationSize:a}}return e}function Oo(s){return s!==""}function um(s,t){let e=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return s.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,e).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function dm(s,t){return s.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var cw=/^[ \t]*#include +<([\w\d./]+)>/gm;function ju(s){return s.replace(cw,hw)}function hw(s,t){let e=Ht[t];if(e===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return ju(e)}var uw=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function fm(s){return s.replace(uw,dw)}function dw(s,t,e,n){let i="";for(let r=parseInt(t);r<parseInt(e);r++)i+=n.replace(/\[\s*i\s*\]/g,"[ "+r+" ]").replace(/UNROLLED_LOOP_INDEX/g,r);return i}function pm(s){let t=`precision ${s.precision} float;
	precision ${s.precision} int;
	precision ${s.precision} sampler2D;
	precision ${s.precision} samplerCube;
	precision ${s.precision} sampler3D;
	precision ${s.precision} sampler2DArray;
	precision ${s.precision} sampler2DShadow;
	precision ${s.precision} samplerCubeShadow;
	precision ${s.precision} sampler2DArrayShadow;
	precision ${s.precision} isampler2D;
	precision ${s.precision} isampler3D;
	precision ${s.precision} isamplerCube;
	precision ${s.precision} isampler2DArray;
	precision ${s.precision} usampler2D;
	precision ${s.precision} usampler3D;
	precision ${s.precision} usamplerCube;
	precision ${s.precision} usampler2DArray;
	`;return s.precision==="highp"?t+=`
#define HIGH_PRECISION`:s.precision==="mediump"?t+=`
#define MEDIUM_PRECISION`:s.precision==="lowp"&&(t+=`
#define LOW_PRECISION`),t}var fw={[Ao]:"SHADOWMAP_TYPE_PCF",[fr]:"SHADOWMAP_TYPE_VSM"};function pw(s){return fw[s.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var mw={[mr]:"ENVMAP_MODE_REFRACTION"};function gw(s){return s.envMap===!1?"ENVMAP_MODE_REFLECTION":mw[s.envMapMode]||"ENVMAP_MODE_REFLECTION"}var yw={[vl]:"ENVMAP_BLENDING_MULTIPLY",[Tp]:"ENVMAP_BLENDING_MIX",[Ap]:"ENVMAP_BLENDING_ADD"};function xw(s){return s.envMap===!1?"ENVMAP_BLENDING_NONE":yw[s.combine]||"ENVMAP_BLENDING_NONE"}function _w(s,t,e,n){let i=s.getContext(),r=e.defines,o=e.vertexShader,a=e.fragmentShader,l=pw(e),c=e.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",h=gw(e),u=xw(e),d=ow(e),f=aw(r),p=i.createProgram(),y,m,g=e.glslVersion?"#version "+e.glslVersion+`
`:"";e.isRawShaderMaterial?(y=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(Oo).join(`
`),y.length>0&&(y+=`
`),m=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(Oo).join(`
`),m.length>0&&(m+=`
`)):(y=[pm(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",e.batching?"#define USE_BATCHING":"",e.batchingColor?"#define USE_BATCHING_COLOR":"",e.instancing?"#define USE_INSTANCING":"",e.instancingColor?"#define USE_INSTANCING_COLOR":"",e.instancingMorph?"#define USE_INSTANCING_MORPH":"",e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.map?"#define USE_MAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+h:"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.displacementMap?"#define USE_DISPLACEMENTMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.mapUv?"#define MAP_UV "+e.mapUv:"",e.alphaMapUv?"#define ALPHAMAP_UV "+e.alphaMapUv:"",e.lightMapUv?"#define LIGHTMAP_UV "+e.lightMapUv:"",e.aoMapUv?"#define AOMAP_UV "+e.aoMapUv:"",e.emissiveMapUv?"#define EMISSIVEMAP_UV "+e.emissiveMapUv:"",e.bumpMapUv?"#define BUMPMAP_UV "+e.bumpMapUv:"",e.normalMapUv?"#define NORMALMAP_UV "+e.normalMapUv:"",e.displacementMapUv?"#define DISPLACEMENTMAP_UV "+e.displacementMapUv:"",e.metalnessMapUv?"#define METALNESSMAP_UV "+e.metalnessMapUv:"",e.roughnessMapUv?"#define ROUGHNESSMAP_UV "+e.roughnessMapUv:"",e.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+e.anisotropyMapUv:"",e.clearcoatMapUv?"#define CLEARCOATMAP_UV "+e.clearcoatMapUv:"",e.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+e.clearcoatNormalMapUv:"",e.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+e.clearcoatRoughnessMapUv:"",e.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+e.diffuseRoughnessMapUv:"",e.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+e.iridescenceMapUv:"",e.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+e.iridescenceThicknessMapUv:"",e.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+e.sheenColorMapUv:"",e.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+e.sheenRoughnessMapUv:"",e.specularMapUv?"#define SPECULARMAP_UV "+e.specularMapUv:"",e.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+e.specularColorMapUv:"",e.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+e.specularIntensityMapUv:"",e.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+e.transmissionMapUv:"",e.thicknessMapUv?"#define THICKNESSMAP_UV "+e.thicknessMapUv:"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexNormals?"#define HAS_NORMAL":"",e.vertexColors?"#define USE_COLOR":"",e.vertexAlphas?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.flatShading?"#define FLAT_SHADED":"",e.skinning?"#define USE_SKINNING":"",e.morphTargets?"#define USE_MORPHTARGETS":"",e.morphNormals&&e.flatShading===!1?"#define USE_MORPHNORMALS":"",e.morphColors?"#define USE_MORPHCOLORS":"",e.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+e.morphTextureStride:"",e.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+e.morphTargetsCount:"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.sizeAttenuation?"#define USE_SIZEATTENUATION":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(Oo).join(`
`),m=[pm(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",e.map?"#define USE_MAP":"",e.matcap?"#define USE_MATCAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+c:"",e.envMap?"#define "+h:"",e.envMap?"#define "+u:"",e.envMapPMREM?"#define ENVMAP_MAX_LOD "+e.envMapMaxLod+".0":"",e.envMapPMREM?"#define ENVMAP_SIZE "+e.envMapSize+".0":"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoat?"#define USE_CLEARCOAT":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.dispersion?"#define USE_DISPERSION":"",e.retroreflection?"#define USE_RETROREFLECTION":"",e.iridescence?"#define USE_IRIDESCENCE":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaTest?"#define USE_ALPHATEST":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.sheen?"#define USE_SHEEN":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexColors||e.instancingColor?"#define USE_COLOR":"",e.vertexAlphas||e.batchingColor?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.gradientMap?"#define USE_GRADIENTMAP":"",e.flatShading?"#define FLAT_SHADED":"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",e.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",e.toneMapping!==ai?"#define TONE_MAPPING":"",e.toneMapping!==ai?Ht.tonemapping_pars_fragment:"",e.toneMapping!==ai?sw("toneMapping",e.toneMapping):"",e.dithering?"#define DITHERING":"",e.opaque?"#define OPAQUE":"",Ht.colorspace_pars_fragment,nw("linearToOutputTexel",e.outputColorSpace),rw(),e.useDepthPacking?"#define DEPTH_PACKING "+e.depthPacking:"",`
`].filter(Oo).join(`
`)),o=ju(o),o=um(o,e),o=dm(o,e),a=ju(a),a=um(a,e),a=dm(a,e),o=fm(o),a=fm(a),e.isRawShaderMaterial!==!0&&(g=`#version 300 es
`,y=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+y,m=["#define varying in",e.glslVersion===Ou?"":"layout(location = 0) out highp vec4 pc_fragColor;",e.glslVersion===Ou?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+m);let _=g+y+o,b=g+m+a,v=lm(i,i.VERTEX_SHADER,_),S=lm(i,i.FRAGMENT_SHADER,b);i.attachShader(p,v),i.attachShader(p,S),e.index0AttributeName!==void 0?i.bindAttribLocation(p,0,e.index0AttributeName):e.hasPositionAttribute===!0&&i.bindAttribLocation(p,0,"position"),i.linkProgram(p);function T(C){if(s.debug.checkShaderErrors){let L=i.getProgramInfoLog(p)||"",R=i.getShaderInfoLog(v)||"",U=i.getShaderInfoLog(S)||"",I=L.trim(),k=R.trim(),H=U.trim(),G=!0,tt=!0;if(i.getProgramParameter(p,i.LINK_STATUS)===!1)if(G=!1,typeof s.debug.onShaderError=="function")s.debug.onShaderError(i,p,v,S);else{let q=hm(i,v,"vertex"),j=hm(i,S,"fragment");Lt("WebGLProgram: Shader Error "+i.getError()+" - VALIDATE_STATUS "+i.getProgramParameter(p,i.VALIDATE_STATUS)+`

Material Name: `+C.name+`
Material Type: `+C.type+`

Program Info Log: `+I+`
`+q+`
`+j)}else I!==""?Rt("WebGLProgram: Program Info Log:",I):(k===""||H==="")&&(tt=!1);tt&&(C.diagnostics={runnable:G,programLog:I,vertexShader:{log:k,prefix:y},fragmentShader:{log:H,prefix:m}})}i.deleteShader(v),i.deleteShader(S),x=new xr(i,p),w=lw(i,p)}let x;this.getUniforms=function(){return x===void 0&&T(this),x};let w;this.getAttributes=function(){return w===void 0&&T(this),w};let N=e.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return N===!1&&(N=i.getProgramParameter(p,jb)),N},this.destroy=function(){n.releaseStatesOfProgram(this),i.deleteProgram(p),this.program=void 0},this.type=e.shaderType,this.name=e.shaderName,this.id=Qb++,this.cacheKey=t,this.usedTimes=1,this.program=p,this.vertexShader=v,this.fragmentShader=S,this}var vw=0,Qu=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(t,e,n){let i=this._getShaderCacheForMaterial(t);return i.has(e)===!1&&(i.add(e),e.usedTimes++),i.has(n)===!1&&(i.add(n),n.usedTimes++),this}remove(t){let e=this.materialCache.get(t);for(let n of e)n.usedTimes--,n.usedTimes===0&&this.shaderCache.delete(n.code);return this.materialCache.delete(t),this}getVertexShaderStage(t){return this._getShaderStage(t.vertexShader)}getFragmentShaderStage(t){return this._getShaderStage(t.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(t){let e=this.materialCache,n=e.get(t);return n===void 0&&(n=new Set,e.set(t,n)),n}_getShaderStage(t){let e=this.shaderCache,n=e.get(t);return n===void 0&&(n=new td(t),e.set(t,n)),n}},td=class{constructor(t){this.id=vw++,this.code=t,this.usedTimes=0}};function bw(s){return s===qi||s===No||s===Do}function ww(s,t,e,n,i,r){let o=new tr,a=new Qu,l=new Set,c=[],h=new Map,u=n.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function f(x){return l.add(x),x===0?"uv":`uv${x}`}function p(x,w,N,C,L,R){let U=C.fog,I=L.geometry,k=x.isMeshStandardMaterial||x.isMeshLambertMaterial||x.isMeshPhongMaterial?C.environment:null,H=x.isMeshStandardMaterial||x.isMeshLambertMaterial&&!x.envMap||x.isMeshPhongMaterial&&!x.envMap,G=t.get(x.envMap||k,H),tt=d[x.type],q=n.precision;x.precision!==null&&(q=n.getMaxPrecision(x.precision),q!==x.precision&&Rt("WebGLProgram.getParameters:",x.precision,"not supported, using",q,"instead."));let j=I.morphAttributes.position||I.morphAttributes.normal||I.morphAttributes.color,Q=j!==void 0?j.length:0,_t=0;I.morphAttributes.position!==void 0&&(_t=1),I.morphAttributes.normal!==void 0&&(_t=2),I.morphAttributes.color!==void 0&&(_t=3);let Nt,Z,ht,xt;if(tt){let mt=ci[tt];Nt=mt.vertexShader,Z=mt.fragmentShader}else{Nt=x.vertexShader,Z=x.fragmentShader;let mt=a.getVertexShaderStage(x),ae=a.getFragmentShaderStage(x);a.update(x,mt,ae),ht=mt.id,xt=ae.id}let Ct=s.getRenderTarget(),pt=s.state.buffers.depth.getReversed(),Ft=L.isInstancedMesh===!0,Me=L.isBatchedMesh===!0,Pt=!!x.map,Kt=!!x.matcap,ce=!!G,Wt=ce&&G.isPMREMTexture===!0,Ye=!!x.aoMap,Ue=!!x.lightMap,mn=!!x.bumpMap&&x.wireframe===!1,ve=!!x.normalMap,ni=!!x.displacementMap,Ve=!!x.emissiveMap,Pn=!!x.metalnessMap,In=!!x.roughnessMap,Ln=x.anisotropy>0,F=x.clearcoat>0,Nn=x.diffuseRoughness>0,ye=x.dispersion>0,xe=x.retroreflectivity>0,ft=x.iridescence>0,Oe=x.sheen>0,It=x.transmission>0,kt=Ln&&!!x.anisotropyMap,P=F&&!!x.clearcoatMap,M=F&&!!x.clearcoatNormalMap,z=F&&!!x.clearcoatRoughnessMap,et=Nn&&!!x.diffuseRoughnessMap,J=ft&&!!x.iridescenceMap,st=ft&&!!x.iridescenceThicknessMap,ut=Oe&&!!x.sheenColorMap,$=Oe&&!!x.sheenRoughnessMap,Y=!!x.specularMap,ot=!!x.specularColorMap,D=!!x.specularIntensityMap,K=It&&!!x.transmissionMap,X=It&&!!x.thicknessMap,at=!!x.gradientMap,it=!!x.alphaMap,rt=x.alphaTest>0,Tt=!!x.alphaHash,Vt=!!x.extensions,nt=ai;x.toneMapped&&(Ct===null||Ct.isXRRenderTarget===!0)&&(nt=s.toneMapping);let At=Wt?G.isCompressedCubeTexture?G.image[0].mipmaps:G.mipmaps:null,zt={shaderID:tt,shaderType:x.type,shaderName:x.name,vertexShader:Nt,fragmentShader:Z,defines:x.defines,customVertexShaderID:ht,customFragmentShaderID:xt,isRawShaderMaterial:x.isRawShaderMaterial===!0,glslVersion:x.glslVersion,precision:q,batching:Me,batchingColor:Me&&L._colorsTexture!==null,instancing:Ft,instancingColor:Ft&&L.instanceColor!==null,instancingMorph:Ft&&L.morphTexture!==null,outputColorSpace:Ct===null?s.outputColorSpace:Ct.isXRRenderTarget===!0?Ct.texture.colorSpace:$t.workingColorSpace,alphaToCoverage:!!x.alphaToCoverage,map:Pt,matcap:Kt,envMap:ce,envMapMode:ce&&G.mapping,envMapPMREM:Wt,envMapMaxLod:Wt?At.length-1:null,envMapSize:Wt?At[0].width:null,aoMap:Ye,lightMap:Ue,bumpMap:mn,normalMap:ve,displacementMap:ni,emissiveMap:Ve,normalMapObjectSpace:ve&&x.normalMapType===Pp,normalMapTangentSpace:ve&&x.normalMapType===ac,packedNormalMap:ve&&x.normalMapType===ac&&bw(x.normalMap.format),metalnessMap:Pn,roughnessMap:In,anisotropy:Ln,anisotropyMap:kt,clearcoat:F,clearcoatMap:P,clearcoatNormalMap:M,clearcoatRoughnessMap:z,diffuseRoughness:Nn,diffuseRoughnessMap:et,dispersion:ye,retroreflection:xe,iridescence:ft,iridescenceMap:J,iridescenceThicknessMap:st,sheen:Oe,sheenColorMap:ut,sheenRoughnessMap:$,specularMap:Y,specularColorMap:ot,specularIntensityMap:D,transmission:It,transmissionMap:K,thicknessMap:X,gradientMap:at,opaque:x.transparent===!1&&x.blending===pr&&x.alphaToCoverage===!1,alphaMap:it,alphaTest:rt,alphaHash:Tt,combine:x.combine,mapUv:Pt&&f(x.map.channel),aoMapUv:Ye&&f(x.aoMap.channel),lightMapUv:Ue&&f(x.lightMap.channel),bumpMapUv:mn&&f(x.bumpMap.channel),normalMapUv:ve&&f(x.normalMap.channel),displacementMapUv:ni&&f(x.displacementMap.channel),emissiveMapUv:Ve&&f(x.emissiveMap.channel),metalnessMapUv:Pn&&f(x.metalnessMap.channel),roughnessMapUv:In&&f(x.roughnessMap.channel),anisotropyMapUv:kt&&f(x.anisotropyMap.channel),clearcoatMapUv:P&&f(x.clearcoatMap.channel),clearcoatNormalMapUv:M&&f(x.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:z&&f(x.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:et&&f(x.diffuseRoughnessMap.channel),iridescenceMapUv:J&&f(x.iridescenceMap.channel),iridescenceThicknessMapUv:st&&f(x.iridescenceThicknessMap.channel),sheenColorMapUv:ut&&f(x.sheenColorMap.channel),sheenRoughnessMapUv:$&&f(x.sheenRoughnessMap.channel),specularMapUv:Y&&f(x.specularMap.channel),specularColorMapUv:ot&&f(x.specularColorMap.channel),specularIntensityMapUv:D&&f(x.specularIntensityMap.channel),transmissionMapUv:K&&f(x.transmissionMap.channel),thicknessMapUv:X&&f(x.thicknessMap.channel),alphaMapUv:it&&f(x.alphaMap.channel),vertexTangents:!!I.attributes.tangent&&(ve||Ln),vertexNormals:!!I.attributes.normal,vertexColors:x.vertexColors,vertexAlphas:x.vertexColors===!0&&!!I.attributes.color&&I.attributes.color.itemSize===4,pointsUvs:L.isPoints===!0&&!!I.attributes.uv&&(Pt||it),fog:!!U,useFog:x.fog===!0,fogExp2:!!U&&U.isFogExp2,flatShading:x.wireframe===!1&&(x.flatShading===!0||I.attributes.normal===void 0&&ve===!1&&(x.isMeshLambertMaterial||x.isMeshPhongMaterial||x.isMeshStandardMaterial||x.isMeshPhysicalMaterial)),sizeAttenuation:x.sizeAttenuation===!0,logarithmicDepthBuffer:u,reversedDepthBuffer:pt,skinning:L.isSkinnedMesh===!0,hasPositionAttribute:I.attributes.position!==void 0,morphTargets:I.morphAttributes.position!==void 0,morphNormals:I.morphAttributes.normal!==void 0,morphColors:I.morphAttributes.color!==void 0,morphTargetsCount:Q,morphTextureStride:_t,numSunLights:w.sun.length,numDirLights:w.directional.length,numPointLights:w.point.length,numSpotLights:w.spot.length,numSpotLightMaps:w.spotLightMap.length,numRectAreaLights:w.rectArea.length,numHemiLights:w.hemi.length,numSunLightShadows:w.sunShadowMap.length,numDirLightShadows:w.directionalShadowMap.length,numPointLightShadows:w.pointShadowMap.length,numSpotLightShadows:w.spotShadowMap.length,numSpotLightShadowsWithMaps:w.numSpotLightShadowsWithMaps,numLightProbes:w.numLightProbes,numLightProbeGrids:R.filter(mt=>mt.texture!==null).length,numClippingPlanes:r.numPlanes,numClipIntersection:r.numIntersection,dithering:x.dithering,shadowMapEnabled:s.shadowMap.enabled&&N.length>0,shadowMapType:s.shadowMap.type,toneMapping:nt,decodeVideoTexture:Pt&&x.map.isVideoTexture===!0&&$t.getTransfer(x.map.colorSpace)===ie,decodeVideoTextureEmissive:Ve&&x.emissiveMap.isVideoTexture===!0&&$t.getTransfer(x.emissiveMap.colorSpace)===ie,premultipliedAlpha:x.premultipliedAlpha,doubleSided:x.side===Le,flipSided:x.side===Ke,useDepthPacking:x.depthPacking>=0,depthPacking:x.depthPacking||0,index0AttributeName:x.index0AttributeName,extensionClipCullDistance:Vt&&x.extensions.clipCullDistance===!0&&e.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(Vt&&x.extensions.multiDraw===!0||Me)&&e.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:e.has("KHR_parallel_shader_compile"),customProgramCacheKey:x.customProgramCacheKey()};return zt.vertexUv1s=l.has(1),zt.vertexUv2s=l.has(2),zt.vertexUv3s=l.has(3),l.clear(),zt}function y(x){let w=[];if(x.shaderID?w.push(x.shaderID):(w.push(x.customVertexShaderID),w.push(x.customFragmentShaderID)),x.defines!==void 0)for(let N in x.defines)w.push(N),w.push(x.defines[N]);return x.isRawShaderMaterial===!1&&(m(w,x),g(w,x),w.push(s.outputColorSpace)),w.push(x.customProgramCacheKey),w.join()}function m(x,w){x.push(w.precision),x.push(w.outputColorSpace),x.push(w.envMapMode),x.push(w.envMapPMREM),x.push(w.envMapMaxLod),x.push(w.envMapSize),x.push(w.mapUv),x.push(w.alphaMapUv),x.push(w.lightMapUv),x.push(w.aoMapUv),x.push(w.bumpMapUv),x.push(w.normalMapUv),x.push(w.displacementMapUv),x.push(w.emissiveMapUv),x.push(w.metalnessMapUv),x.push(w.roughnessMapUv),x.push(w.anisotropyMapUv),x.push(w.clearcoatMapUv),x.push(w.clearcoatNormalMapUv),x.push(w.clearcoatRoughnessMapUv),x.push(w.diffuseRoughnessMapUv),x.push(w.iridescenceMapUv),x.push(w.iridescenceThicknessMapUv),x.push(w.sheenColorMapUv),x.push(w.sheenRoughnessMapUv),x.push(w.specularMapUv),x.push(w.specularColorMapUv),x.push(w.specularIntensityMapUv),x.push(w.transmissionMapUv),x.push(w.thicknessMapUv),x.push(w.combine),x.push(w.fogExp2),x.push(w.sizeAttenuation),x.push(w.morphTargetsCount),x.push(w.numSunLights),x.push(w.numDirLights),x.push(w.numPointLights),x.push(w.numSpotLights),x.push(w.numSpotLightMaps),x.push(w.numHemiLights),x.push(w.numRectAreaLights),x.push(w.numSunLightShadows),x.push(w.numDirLightShadows),x.push(w.numPointLightShadows),x.push(w.numSpotLightShadows),x.push(w.numSpotLightShadowsWithMaps),x.push(w.numLightProbes),x.push(w.numLightProbeGrids),x.push(w.shadowMapType),x.push(w.toneMapping),x.push(w.numClippingPlanes),x.push(w.numClipIntersection),x.push(w.depthPacking)}function g(x,w){o.disableAll(),w.instancing&&o.enable(0),w.instancingColor&&o.enable(1),w.instancingMorph&&o.enable(2),w.matcap&&o.enable(3),w.envMap&&o.enable(4),w.normalMapObjectSpace&&o.enable(5),w.normalMapTangentSpace&&o.enable(6),w.clearcoat&&o.enable(7),w.iridescence&&o.enable(8),w.alphaTest&&o.enable(9),w.vertexColors&&o.enable(10),w.vertexAlphas&&o.enable(11),w.vertexUv1s&&o.enable(12),w.vertexUv2s&&o.enable(13),w.vertexUv3s&&o.enable(14),w.vertexTangents&&o.enable(15),w.anisotropy&&o.enable(16),w.alphaHash&&o.enable(17),w.batching&&o.enable(18),w.dispersion&&o.enable(19),w.retroreflection&&o.enable(24),w.diffuseRoughness&&o.enable(25),w.batchingColor&&o.enable(20),w.gradientMap&&o.enable(21),w.packedNormalMap&&o.enable(22),w.vertexNormals&&o.enable(23),x.push(o.mask),o.disableAll(),w.fog&&o.enable(0),w.useFog&&o.enable(1),w.flatShading&&o.enable(2),w.logarithmicDepthBuffer&&o.enable(3),w.reversedDepthBuffer&&o.enable(4),w.skinning&&o.enable(5),w.morphTargets&&o.enable(6),w.morphNormals&&o.enable(7),w.morphColors&&o.enable(8),w.premultipliedAlpha&&o.enable(9),w.shadowMapEnabled&&o.enable(10),w.doubleSided&&o.enable(11),w.flipSided&&o.enable(12),w.useDepthPacking&&o.enable(13),w.dithering&&o.enable(14),w.transmission&&o.enable(15),w.sheen&&o.enable(16),w.opaque&&o.enable(17),w.pointsUvs&&o.enable(18),w.decodeVideoTexture&&o.enable(19),w.decodeVideoTextureEmissive&&o.enable(20),w.alphaToCoverage&&o.enable(21),w.numLightProbeGrids>0&&o.enable(22),w.hasPositionAttribute&&o.enable(23),x.push(o.mask)}function _(x){let w=d[x.type],N;if(w){let C=ci[w];N=Zp.clone(C.uniforms)}else N=x.uniforms;return N}function b(x,w){let N=h.get(w);return N!==void 0?++N.usedTimes:(N=new _w(s,w,x,i),c.push(N),h.set(w,N)),N}function v(x){if(--x.usedTimes===0){let w=c.indexOf(x);c[w]=c[c.length-1],c.pop(),h.delete(x.cacheKey),x.destroy()}}function S(x){a.remove(x)}function T(){a.dispose()}return{getParameters:p,getProgramCacheKey:y,getUniforms:_,acquireProgram:b,releaseProgram:v,releaseShaderCache:S,programs:c,dispose:T}}function Sw(){let s=new WeakMap;function t(o){return s.has(o)}function e(o){let a=s.get(o);return a===void 0&&(a={},s.set(o,a)),a}function n(o){s.delete(o)}function i(o,a,l){s.get(o)[a]=l}function r(){s=new WeakMap}return{has:t,get:e,remove:n,update:i,dispose:r}}function Mw(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.material.id!==t.material.id?s.material.id-t.material.id:s.materialVariant!==t.materialVariant?s.materialVariant-t.materialVariant:s.z!==t.z?s.z-t.z:s.id-t.id}function mm(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.z!==t.z?t.z-s.z:s.id-t.id}function gm(){let s=[],t=0,e=[],n=[],i=[];function r(){t=0,e.length=0,n.length=0,i.length=0}function o(d){let f=0;return d.isInstancedMesh&&(f+=2),d.isSkinnedMesh&&(f+=1),f}function a(d,f,p,y,m,g){let _=s[t];return _===void 0?(_={id:d.id,object:d,geometry:f,material:p,materialVariant:o(d),groupOrder:y,renderOrder:d.renderOrder,z:m,group:g},s[t]=_):(_.id=d.id,_.object=d,_.geometry=f,_.material=p,_.materialVariant=o(d),_.groupOrder=y,_.renderOrder=d.renderOrder,_.z=m,_.group=g),t++,_}function l(d,f,p,y,m,g,_){_.reversedDepth===!0&&(m=-m);let b=a(d,f,p,y,m,g);p.transmission>0?n.push(b):p.transparent===!0?i.push(b):e.push(b)}function c(d,f,p,y,m,g){let _=a(d,f,p,y,m,g);p.transmission>0?n.unshift(_):p.transparent===!0?i.unshift(_):e.unshift(_)}function h(d,f){e.length>1&&e.sort(d||Mw),n.length>1&&n.sort(f||mm),i.length>1&&i.sort(f||mm)}function u(){for(let d=t,f=s.length;d<f;d++){let p=s[d];if(p.id===null)break;p.id=null,p.object=null,p.geometry=null,p.material=null,p.group=null}}return{opaque:e,transmissive:n,transparent:i,init:r,push:l,unshift:c,finish:u,sort:h}}function Ew(){let s=new WeakMap;function t(n,i){let r=s.get(n),o;return r===void 0?(o=new gm,s.set(n,[o])):i>=r.length?(o=new gm,r.push(o)):o=r[i],o}function e(){s=new WeakMap}return{get:t,dispose:e}}function Tw(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={direction:new A,color:new Ot};break;case"SpotLight":e={position:new A,direction:new A,color:new Ot,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":e={position:new A,color:new Ot,distance:0,decay:0};break;case"HemisphereLight":e={direction:new A,skyColor:new Ot,groundColor:new Ot};break;case"RectAreaLight":e={color:new Ot,position:new A,halfWidth:new A,halfHeight:new A};break}return s[t.id]=e,e}}}function Aw(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ct};break;case"SpotLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ct};break;case"PointLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ct,shadowCameraNear:1,shadowCameraFar:1e3};break}return s[t.id]=e,e}}}var Cw=0;function Rw(s,t){return(t.castShadow?2:0)-(s.castShadow?2:0)+(t.map?1:0)-(s.map?1:0)}function Pw(s){let t=new Tw,e=Aw(),n={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)n.probe.push(new A);let i=new A,r=new St,o=new St;function a(c){let h=0,u=0,d=0;for(let R=0;R<9;R++)n.probe[R].set(0,0,0);let f=0,p=0,y=0,m=0,g=0,_=0,b=0,v=0,S=0,T=0,x=0,w=0,N=0,C=0;c.sort(Rw);for(let R=0,U=c.length;R<U;R++){let I=c[R],k=I.color,H=I.intensity,G=I.distance,tt=null;if(I.shadow&&I.shadow.map&&(I.shadow.map.texture.format===qi?tt=I.shadow.map.texture:tt=I.shadow.map.depthTexture||I.shadow.map.texture),I.isAmbientLight)h+=k.r*H,u+=k.g*H,d+=k.b*H;else if(I.isLightProbe){for(let q=0;q<9;q++)n.probe[q].addScaledVector(I.sh.coefficients[q],H);C++}else if(I.isSunLight){let q=t.get(I);if(q.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let j=I.shadow,Q=e.get(I);Q.shadowIntensity=j.intensity,Q.shadowBias=j.bias,Q.shadowNormalBias=j.normalBias,Q.shadowRadius=j.radius,Q.shadowMapSize.copy(j.mapSize).multiply(j.getFrameExtents()),n.sunShadow[p]=Q,n.sunShadowMap[p]=tt;let _t=j.getViewportCount();for(let Nt=0;Nt<_t;Nt++)n.sunShadowMatrix[y+Nt]=j.getMatrix(Nt),n.sunShadowCascade[y+Nt]=j._cascadeData[Nt];y+=_t,p++}n.sun[f]=q,f++}else if(I.isDirectionalLight){let q=t.get(I);if(q.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let j=I.shadow,Q=e.get(I);Q.shadowIntensity=j.intensity,Q.shadowBias=j.bias,Q.shadowNormalBias=j.normalBias,Q.shadowRadius=j.radius,Q.shadowMapSize=j.mapSize,n.directionalShadow[m]=Q,n.directionalShadowMap[m]=tt,n.directionalShadowMatrix[m]=I.shadow.matrix,S++}n.directional[m]=q,m++}else if(I.isSpotLight){let q=t.get(I);q.position.setFromMatrixPosition(I.matrixWorld),q.color.copy(k).multiplyScalar(H),q.distance=G,q.coneCos=Math.cos(I.angle),q.penumbraCos=Math.cos(I.angle*(1-I.penumbra)),q.decay=I.decay,n.spot[_]=q;let j=I.shadow;if(I.map&&(n.spotLightMap[w]=I.map,w++,j.updateMatrices(I),I.castShadow&&N++),n.spotLightMatrix[_]=j.matrix,I.castShadow){let Q=e.get(I);Q.shadowIntensity=j.intensity,Q.shadowBias=j.bias,Q.shadowNormalBias=j.normalBias,Q.shadowRadius=j.radius,Q.shadowMapSize=j.mapSize,n.spotShadow[_]=Q,n.spotShadowMap[_]=tt,x++}_++}else if(I.isRectAreaLight){let q=t.get(I);q.color.copy(k).multiplyScalar(H),q.halfWidth.set(I.width*.5,0,0),q.halfHeight.set(0,I.height*.5,0),n.rectArea[b]=q,b++}else if(I.isPointLight){let q=t.get(I);if(q.color.copy(I.color).multiplyScalar(I.intensity),q.distance=I.distance,q.decay=I.decay,I.castShadow){let j=I.shadow,Q=e.get(I);Q.shadowIntensity=j.intensity,Q.shadowBias=j.bias,Q.shadowNormalBias=j.normalBias,Q.shadowRadius=j.radius,Q.shadowMapSize=j.mapSize,Q.shadowCameraNear=j.camera.near,Q.shadowCameraFar=j.camera.far,n.pointShadow[g]=Q,n.pointShadowMap[g]=tt,n.pointShadowMatrix[g]=I.shadow.matrix,T++}n.point[g]=q,g++}else if(I.isHemisphereLight){let q=t.get(I);q.skyColor.copy(I.color).multiplyScalar(H),q.groundColor.copy(I.groundColor).multiplyScalar(H),n.hemi[v]=q,v++}}b>0&&(s.has("OES_texture_float_linear")===!0?(n.rectAreaLTC1=gt.LTC_FLOAT_1,n.rectAreaLTC2=gt.LTC_FLOAT_2):(n.rectAreaLTC1=gt.LTC_HALF_1,n.rectAreaLTC2=gt.LTC_HALF_2)),n.ambient[0]=h,n.ambient[1]=u,n.ambient[2]=d;let L=n.hash;(L.sunLength!==f||L.directionalLength!==m||L.pointLength!==g||L.spotLength!==_||L.rectAreaLength!==b||L.hemiLength!==v||L.numSunShadows!==p||L.numDirectionalShadows!==S||L.numPointShadows!==T||L.numSpotShadows!==x||L.numSpotMaps!==w||L.numLightProbes!==C)&&(n.sun.length=f,n.directional.length=m,n.spot.length=_,n.rectArea.length=b,n.point.length=g,n.hemi.length=v,n.sunShadow.length=p,n.sunShadowMap.length=p,n.sunShadowMatrix.length=y,n.sunShadowCascade.length=y,n.directionalShadow.length=S,n.directionalShadowMap.length=S,n.directionalShadowMatrix.length=S,n.pointShadow.length=T,n.pointShadowMap.length=T,n.pointShadowMatrix.length=T,n.spotShadow.length=x,n.spotShadowMap.length=x,n.spotLightMatrix.length=x+w-N,n.spotLightMap.length=w,n.numSpotLightShadowsWithMaps=N,n.numLightProbes=C,L.sunLength=f,L.directionalLength=m,L.pointLength=g,L.spotLength=_,L.rectAreaLength=b,L.hemiLength=v,L.numSunShadows=p,L.numDirectionalShadows=S,L.numPointShadows=T,L.numSpotShadows=x,L.numSpotMaps=w,L.numLightProbes=C,n.version=Cw++)}function l(c,h){let u=0,d=0,f=0,p=0,y=0,m=0,g=h.matrixWorldInverse;for(let _=0,b=c.length;_<b;_++){let v=c[_];if(v.isSunLight){let S=n.sun[u];S.direction.setFromMatrixPosition(v.matrixWorld),S.direction.transformDirection(g),u++}else if(v.isDirectionalLight){let S=n.directional[d];S.direction.setFromMatrixPosition(v.matrixWorld),i.setFromMatrixPosition(v.target.matrixWorld),S.direction.sub(i),S.direction.transformDirection(g),d++}else if(v.isSpotLight){let S=n.spot[p];S.position.setFromMatrixPosition(v.matrixWorld),S.position.applyMatrix4(g),S.direction.setFromMatrixPosition(v.matrixWorld),i.setFromMatrixPosition(v.target.matrixWorld),S.direction.sub(i),S.direction.transformDirection(g),p++}else if(v.isRectAreaLight){let S=n.rectArea[y];S.position.setFromMatrixPosition(v.matrixWorld),S.position.applyMatrix4(g),o.identity(),r.copy(v.matrixWorld),r.premultiply(g),o.extractRotation(r),S.halfWidth.set(v.width*.5,0,0),S.halfHeight.set(0,v.height*.5,0),S.halfWidth.applyMatrix4(o),S.halfHeight.applyMatrix4(o),y++}else if(v.isPointLight){let S=n.point[f];S.position.setFromMatrixPosition(v.matrixWorld),S.position.applyMatrix4(g),f++}else if(v.isHemisphereLight){let S=n.hemi[m];S.direction.setFromMatrixPosition(v.matrixWorld),S.direction.transformDirection(g),m++}}}return{setup:a,setupView:l,state:n}}function ym(s){let t=new Pw(s),e=[],n=[],i=[];function r(u){h.camera=u,e.length=0,n.length=0,i.length=0}function o(u){u.isLightProbeGrid?i.push(u):e.push(u)}function a(u){n.push(u)}function l(){t.setup(e),i.sort((u,d)=>u.priority-d.priority||u.id-d.id)}function c(u){t.setupView(e,u)}let h={lightsArray:e,shadowsArray:n,lightProbeGridArray:i,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:r,state:h,setupLights:l,setupLightsView:c,pushLight:o,pushShadow:a}}function Iw(s){let t=new WeakMap;function e(i,r=0){let o=t.get(i),a;return o===void 0?(a=new ym(s),t.set(i,[a])):r>=o.length?(a=new ym(s),o.push(a)):a=o[r],a}function n(){t=new WeakMap}return{get:e,dispose:n}}var Lw=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,Nw=`uniform sampler2D shadow_pass;
uniform vec2 resolution;
uniform float radius;
void main() {
	const float samples = float( VSM_SAMPLES );
	float mean = 0.0;
	float squared_mean = 0.0;
	float uvStride = samples <= 1.0 ? 0.0 : 2.0 / ( samples - 1.0 );
	float uvStart = samples <= 1.0 ? 0.0 : - 1.0;
	for ( float i = 0.0; i < samples; i ++ ) {
		float uvOffset = uvStart + i * uvStride;
		#ifdef HORIZONTAL_PASS
			vec2 distribution = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( uvOffset, 0.0 ) * radius ) / resolution ).rg;
			mean += distribution.x;
			squared_mean += distribution.y * distribution.y + distribution.x * distribution.x;
		#else
			float depth = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( 0.0, uvOffset ) * radius ) / resolution ).r;
			mean += depth;
			squared_mean += depth * depth;
		#endif
	}
	mean = mean / samples;
	squared_mean = squared_mean / samples;
	float std_dev = sqrt( max( 0.0, squared_mean - mean * mean ) );
	gl_FragColor = vec4( mean, std_dev, 0.0, 1.0 );
}`,Dw=[new A(1,0,0),new A(-1,0,0),new A(0,1,0),new A(0,-1,0),new A(0,0,1),new A(0,0,-1)],Uw=[new A(0,-1,0),new A(0,-1,0),new A(0,0,1),new A(0,0,-1),new A(0,-1,0),new A(0,-1,0)],xm=new St,Uo=new A,Yu=new A;function Ow(s,t,e){let n=new zi,i=new ct,r=new ct,o=new _e,a=new ol,l=new al,c={},h=e.maxTextureSize,u={[Zn]:Ke,[Ke]:Zn,[Le]:Le},d=new oi({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new ct},radius:{value:4}},vertexShader:Lw,fragmentShader:Nw}),f=d.clone();f.defines.HORIZONTAL_PASS=1;let p=new se;p.setAttribute("position",new Ee(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let y=new pe(p,d),m=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Ao;let g=this.type;this.render=function(T,x,w){if(m.enabled===!1||m.autoUpdate===!1&&m.needsUpdate===!1||T.length===0)return;this.type===ap&&(Rt("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Ao);let N=s.getRenderTarget(),C=s.getActiveCubeFace(),L=s.getActiveMipmapLevel(),R=s.state;R.setBlending(_s),R.buffers.depth.getReversed()===!0?R.buffers.color.setClear(0,0,0,0):R.buffers.color.setClear(1,1,1,1),R.buffers.depth.setTest(!0),R.setScissorTest(!1);let U=g!==this.type;U&&x.traverse(function(I){I.material&&(Array.isArray(I.material)?I.material.forEach(k=>k.needsUpdate=!0):I.material.needsUpdate=!0)});for(let I=0,k=T.length;I<k;I++){let H=T[I],G=H.shadow;if(G===void 0){Rt("WebGLShadowMap:",H,"has no shadow.");continue}if(G.autoUpdate===!1&&G.needsUpdate===!1)continue;i.copy(G.mapSize);let tt=G.getFrameExtents();i.multiply(tt),r.copy(G.mapSize),(i.x>h||i.y>h)&&(i.x>h&&(r.x=Math.floor(h/tt.x),i.x=r.x*tt.x,G.mapSize.x=r.x),i.y>h&&(r.y=Math.floor(h/tt.y),i.y=r.y*tt.y,G.mapSize.y=r.y));let q=s.state.buffers.depth.getReversed();if(G.camera._reversedDepth=q,G.map===null||U===!0){if(G.map!==null&&(G.map.depthTexture!==null&&(G.map.depthTexture.dispose(),G.map.depthTexture=null),G.map.dispose()),this.type===fr){if(H.isPointLight){Rt("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}G.map=new Sn(i.x,i.y,{format:qi,type:Jn,minFilter:cn,magFilter:cn,generateMipmaps:!1}),G.map.texture.name=H.name+".shadowMap",G.map.depthTexture=new Ei(i.x,i.y,Bn),G.map.depthTexture.name=H.name+".shadowMapDepth",G.map.depthTexture.format=Si,G.map.depthTexture.compareFunction=null,G.map.depthTexture.minFilter=qe,G.map.depthTexture.magFilter=qe}else H.isPointLight?(G.map=new Fo(i.x),G.map.depthTexture=new ho(i.x,Kn)):(G.map=new Sn(i.x,i.y),G.map.depthTexture=new Ei(i.x,i.y,Kn)),G.map.depthTexture.name=H.name+".shadowMap",G.map.depthTexture.format=Si,this.type===Ao?(G.map.depthTexture.compareFunction=q?Du:Nu,G.map.depthTexture.minFilter=cn,G.map.depthTexture.magFilter=cn):(G.map.depthTexture.compareFunction=null,G.map.depthTexture.minFilter=qe,G.map.depthTexture.magFilter=qe);G.camera.updateProjectionMatrix()}G.map.isWebGLCubeRenderTarget!==!0&&(G.map.width!==i.x||G.map.height!==i.y)&&G.map.setSize(i.x,i.y);let j=G.map.isWebGLCubeRenderTarget?6:G.getViewportCount();H.isPointLight!==!0&&G.updateMatrices(H,w);let Q=(G.camera.layers.mask&4294967294)!==0?G.camera.layers:w.layers;for(let _t=0;_t<j;_t++){let Nt=G.getCamera(_t);if(H.isPointLight){let Z=G.camera,ht=G.matrix,xt=H.distance||Z.far;xt!==Z.far&&(Z.far=xt,Z.updateProjectionMatrix()),Uo.setFromMatrixPosition(H.matrixWorld),Z.position.copy(Uo),Yu.copy(Z.position),Yu.add(Dw[_t]),Z.up.copy(Uw[_t]),Z.lookAt(Yu),Z.updateMatrixWorld(),ht.makeTranslation(-Uo.x,-Uo.y,-Uo.z),xm.multiplyMatrices(Z.projectionMatrix,Z.matrixWorldInverse),G._frustum.setFromProjectionMatrix(xm,Z.coordinateSystem,Z.reversedDepth)}if(G.map.isWebGLCubeRenderTarget)s.setRenderTarget(G.map,_t),s.clear();else{_t===0&&(s.setRenderTarget(G.map),s.clear());let Z=G.getViewport(_t);o.set(r.x*Z.x,r.y*Z.y,r.x*Z.z,r.y*Z.w),R.viewport(o)}n=G.getFrustum(_t),v(x,w,Nt,H,Q,this.type)}G.isPointLightShadow!==!0&&this.type===fr&&_(G,w),G.needsUpdate=!1}g=this.type,m.needsUpdate=!1,s.setRenderTarget(N,C,L)};function _(T,x){let w=t.update(y);d.defines.VSM_SAMPLES!==T.blurSamples&&(d.defines.VSM_SAMPLES=T.blurSamples,f.defines.VSM_SAMPLES=T.blurSamples,d.needsUpdate=!0,f.needsUpdate=!0),T.mapPass===null?T.mapPass=new Sn(i.x,i.y,{format:qi,type:Jn}):(T.mapPass.width!==T.map.width||T.mapPass.height!==T.map.height)&&T.mapPass.setSize(T.map.width,T.map.height),d.uniforms.shadow_pass.value=T.map.depthTexture,d.uniforms.resolution.value.set(T.map.width,T.map.height),d.uniforms.radius.value=T.radius,s.setRenderTarget(T.mapPass),s.clear(),s.renderBufferDirect(x,null,w,d,y,null),f.uniforms.shadow_pass.value=T.mapPass.texture,f.uniforms.resolution.value.set(T.map.width,T.map.height),f.uniforms.radius.value=T.radius,s.setRenderTarget(T.map),s.clear(),s.renderBufferDirect(x,null,w,f,y,null)}function b(T,x,w,N){let C=null,L=w.isPointLight===!0?T.customDistanceMaterial:T.customDepthMaterial;if(L!==void 0)C=L;else if(C=w.isPointLight===!0?l:a,s.localClippingEnabled&&x.clipShadows===!0&&Array.isArray(x.clippingPlanes)&&x.clippingPlanes.length!==0||x.displacementMap&&x.displacementScale!==0||x.alphaMap&&x.alphaTest>0||x.map&&x.alphaTest>0||x.alphaToCoverage===!0){let R=C.uuid,U=x.uuid,I=c[R];I===void 0&&(I={},c[R]=I);let k=I[U];k===void 0&&(k=C.clone(),I[U]=k,x.addEventListener("dispose",S)),C=k}if(C.visible=x.visible,C.wireframe=x.wireframe,N===fr?C.side=x.shadowSide!==null?x.shadowSide:x.side:C.side=x.shadowSide!==null?x.shadowSide:u[x.side],C.alphaMap=x.alphaMap,C.alphaTest=x.alphaToCoverage===!0?.5:x.alphaTest,C.map=x.map,C.clipShadows=x.clipShadows,C.clippingPlanes=x.clippingPlanes,C.clipIntersection=x.clipIntersection,C.displacementMap=x.displacementMap,C.displacementScale=x.displacementScale,C.displacementBias=x.displacementBias,C.wireframeLinewidth=x.wireframeLinewidth,C.linewidth=x.linewidth,w.isPointLight===!0&&C.isMeshDistanceMaterial===!0){let R=s.properties.get(C);R.light=w}return C}function v(T,x,w,N,C,L){if(T.visible===!1)return;if(T.layers.test(C)&&(T.isMesh||T.isLine||T.isPoints)&&(T.castShadow||T.receiveShadow&&L===fr)&&(!T.frustumCulled||T.intersectsFrustum(n))){T.modelViewMatrix.multiplyMatrices(w.matrixWorldInverse,T.matrixWorld);let I=t.update(T),k=T.material;if(Array.isArray(k)){let H=I.groups;for(let G=0,tt=H.length;G<tt;G++){let q=H[G],j=k[q.materialIndex];if(j&&j.visible){let Q=b(T,j,N,L);T.onBeforeShadow(s,T,x,w,I,Q,q),s.renderBufferDirect(w,null,I,Q,T,q),T.onAfterShadow(s,T,x,w,I,Q,q)}}}else if(k.visible){let H=b(T,k,N,L);T.onBeforeShadow(s,T,x,w,I,H,null),s.renderBufferDirect(w,null,I,H,T,null),T.onAfterShadow(s,T,x,w,I,H,null)}}let U=T.children;for(let I=0,k=U.length;I<k;I++)v(U[I],x,w,N,C,L)}function S(T){T.target.removeEventListener("dispose",S);for(let w in c){let N=c[w],C=T.target.uuid;C in N&&(N[C].dispose(),delete N[C])}}}function Fw(s,t){function e(){let D=!1,K=new _e,X=null,at=new _e(0,0,0,0);return{setMask:function(it){X!==it&&!D&&(s.colorMask(it,it,it,it),X=it)},setLocked:function(it){D=it},setClear:function(it,rt,Tt,Vt,nt){nt===!0&&(it*=Vt,rt*=Vt,Tt*=Vt),K.set(it,rt,Tt,Vt),at.equals(K)===!1&&(s.clearColor(it,rt,Tt,Vt),at.copy(K))},reset:function(){D=!1,X=null,at.set(-1,0,0,0)}}}function n(){let D=!1,K=!1,X=null,at=null,it=null;return{setReversed:function(rt){if(K!==rt){let Tt=t.get("EXT_clip_control");rt?Tt.clipControlEXT(Tt.LOWER_LEFT_EXT,Tt.ZERO_TO_ONE_EXT):Tt.clipControlEXT(Tt.LOWER_LEFT_EXT,Tt.NEGATIVE_ONE_TO_ONE_EXT),K=rt;let Vt=it;it=null,this.setClear(Vt)}},getReversed:function(){return K},setTest:function(rt){rt?pt(s.DEPTH_TEST):Ft(s.DEPTH_TEST)},setMask:function(rt){X!==rt&&!D&&(s.depthMask(rt),X=rt)},setFunc:function(rt){if(K&&(rt=Vp[rt]),at!==rt){switch(rt){case Fa:s.depthFunc(s.NEVER);break;case ka:s.depthFunc(s.ALWAYS);break;case Ba:s.depthFunc(s.LESS);break;case Ys:s.depthFunc(s.LEQUAL);break;case za:s.depthFunc(s.EQUAL);break;case Va:s.depthFunc(s.GEQUAL);break;case Zs:s.depthFunc(s.GREATER);break;case Ha:s.depthFunc(s.NOTEQUAL);break;default:s.depthFunc(s.LEQUAL)}at=rt}},setLocked:function(rt){D=rt},setClear:function(rt){it!==rt&&(it=rt,K&&(rt=1-rt),s.clearDepth(rt))},reset:function(){D=!1,X=null,at=null,it=null,K=!1}}}function i(){let D=!1,K=null,X=null,at=null,it=null,rt=null,Tt=null,Vt=null,nt=null;return{setTest:function(At){D||(At?pt(s.STENCIL_TEST):Ft(s.STENCIL_TEST))},setMask:function(At){K!==At&&!D&&(s.stencilMask(At),K=At)},setFunc:function(At,zt,mt){(X!==At||at!==zt||it!==mt)&&(s.stencilFunc(At,zt,mt),X=At,at=zt,it=mt)},setOp:function(At,zt,mt){(rt!==At||Tt!==zt||Vt!==mt)&&(s.stencilOp(At,zt,mt),rt=At,Tt=zt,Vt=mt)},setLocked:function(At){D=At},setClear:function(At){nt!==At&&(s.clearStencil(At),nt=At)},reset:function(){D=!1,K=null,X=null,at=null,it=null,rt=null,Tt=null,Vt=null,nt=null}}}let r=new e,o=new n,a=new i,l={},c=new WeakMap,h={},u={},d={},f=new WeakMap,p=[],y=null,m=!1,g=null,_=null,b=null,v=null,S=null,T=null,x=null,w=new Ot(0,0,0),N=0,C=!1,L=null,R=null,U=null,I=null,k=null,H=s.getParameter(s.MAX_COMBINED_TEXTURE_IMAGE_UNITS),G=!1,tt=0,q=s.getParameter(s.VERSION);q.indexOf("WebGL")!==-1?(tt=parseFloat(/^WebGL (\d)/.exec(q)[1]),G=tt>=1):q.indexOf("OpenGL ES")!==-1&&(tt=parseFloat(/^OpenGL ES (\d)/.exec(q)[1]),G=tt>=2);let j=null,Q={},_t=s.getParameter(s.SCISSOR_BOX),Nt=s.getParameter(s.VIEWPORT),Z=new _e().fromArray(_t),ht=new _e().fromArray(Nt);function xt(D,K,X,at){let it=new Uint8Array(4),rt=s.createTexture();s.bindTexture(D,rt),s.texParameteri(D,s.TEXTURE_MIN_FILTER,s.NEAREST),s.texParameteri(D,s.TEXTURE_MAG_FILTER,s.NEAREST);for(let Tt=0;Tt<X;Tt++)D===s.TEXTURE_3D||D===s.TEXTURE_2D_ARRAY?s.texImage3D(K,0,s.RGBA,1,1,at,0,s.RGBA,s.UNSIGNED_BYTE,it):s.texImage2D(K+Tt,0,s.RGBA,1,1,0,s.RGBA,s.UNSIGNED_BYTE,it);return rt}let Ct={};Ct[s.TEXTURE_2D]=xt(s.TEXTURE_2D,s.TEXTURE_2D,1),Ct[s.TEXTURE_CUBE_MAP]=xt(s.TEXTURE_CUBE_MAP,s.TEXTURE_CUBE_MAP_POSITIVE_X,6),Ct[s.TEXTURE_2D_ARRAY]=xt(s.TEXTURE_2D_ARRAY,s.TEXTURE_2D_ARRAY,1,1),Ct[s.TEXTURE_3D]=xt(s.TEXTURE_3D,s.TEXTURE_3D,1,1),r.setClear(0,0,0,1),o.setClear(1),a.setClear(0),pt(s.DEPTH_TEST),o.setFunc(Ys),mn(!1),ve(fu),pt(s.CULL_FACE),Ye(_s);function pt(D){h[D]!==!0&&(s.enable(D),h[D]=!0)}function Ft(D){h[D]!==!1&&(s.disable(D),h[D]=!1)}function Me(D,K){return d[D]!==K?(s.bindFramebuffer(D,K),d[D]=K,D===s.DRAW_FRAMEBUFFER&&(d[s.FRAMEBUFFER]=K),D===s.FRAMEBUFFER&&(d[s.DRAW_FRAMEBUFFER]=K),!0):!1}function Pt(D,K){let X=p,at=!1;if(D){X=f.get(K),X===void 0&&(X=[],f.set(K,X));let it=D.textures;if(X.length!==it.length||X[0]!==s.COLOR_ATTACHMENT0){for(let rt=0,Tt=it.length;rt<Tt;rt++)X[rt]=s.COLOR_ATTACHMENT0+rt;X.length=it.length,at=!0}}else X[0]!==s.BACK&&(X[0]=s.BACK,at=!0);at&&s.drawBuffers(X)}function Kt(D){return y!==D?(s.useProgram(D),y=D,!0):!1}let ce={[vs]:s.FUNC_ADD,[cp]:s.FUNC_SUBTRACT,[hp]:s.FUNC_REVERSE_SUBTRACT};ce[up]=s.MIN,ce[dp]=s.MAX;let Wt={[fp]:s.ZERO,[pp]:s.ONE,[mp]:s.SRC_COLOR,[yu]:s.SRC_ALPHA,[bp]:s.SRC_ALPHA_SATURATE,[_p]:s.DST_COLOR,[yp]:s.DST_ALPHA,[gp]:s.ONE_MINUS_SRC_COLOR,[xu]:s.ONE_MINUS_SRC_ALPHA,[vp]:s.ONE_MINUS_DST_COLOR,[xp]:s.ONE_MINUS_DST_ALPHA,[wp]:s.CONSTANT_COLOR,[Sp]:s.ONE_MINUS_CONSTANT_COLOR,[Mp]:s.CONSTANT_ALPHA,[Ep]:s.ONE_MINUS_CONSTANT_ALPHA};function Ye(D,K,X,at,it,rt,Tt,Vt,nt,At){if(D===_s){m===!0&&(Ft(s.BLEND),m=!1);return}if(m===!1&&(pt(s.BLEND),m=!0),D!==lp){if(D!==g||At!==C){if((_!==vs||S!==vs)&&(s.blendEquation(s.FUNC_ADD),_=vs,S=vs),At)switch(D){case pr:s.blendFuncSeparate(s.ONE,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case pu:s.blendFunc(s.ONE,s.ONE);break;case mu:s.blendFuncSeparate(s.ZERO,s.ONE_MINUS_SRC_COLOR,s.ZERO,s.ONE);break;case gu:s.blendFuncSeparate(s.DST_COLOR,s.ONE_MINUS_SRC_ALPHA,s.ZERO,s.ONE);break;default:Lt("WebGLState: Invalid blending: ",D);break}else switch(D){case pr:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case pu:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE,s.ONE,s.ONE);break;case mu:Lt("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case gu:Lt("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:Lt("WebGLState: Invalid blending: ",D);break}b=null,v=null,T=null,x=null,w.set(0,0,0),N=0,g=D,C=At}return}it=it||K,rt=rt||X,Tt=Tt||at,(K!==_||it!==S)&&(s.blendEquationSeparate(ce[K],ce[it]),_=K,S=it),(X!==b||at!==v||rt!==T||Tt!==x)&&(s.blendFuncSeparate(Wt[X],Wt[at],Wt[rt],Wt[Tt]),b=X,v=at,T=rt,x=Tt),(Vt.equals(w)===!1||nt!==N)&&(s.blendColor(Vt.r,Vt.g,Vt.b,nt),w.copy(Vt),N=nt),g=D,C=!1}function Ue(D,K){D.side===Le?Ft(s.CULL_FACE):pt(s.CULL_FACE);let X=D.side===Ke;K&&(X=!X),mn(X),D.blending===pr&&D.transparent===!1?Ye(_s):Ye(D.blending,D.blendEquation,D.blendSrc,D.blendDst,D.blendEquationAlpha,D.blendSrcAlpha,D.blendDstAlpha,D.blendColor,D.blendAlpha,D.premultipliedAlpha),o.setFunc(D.depthFunc),o.setTest(D.depthTest),o.setMask(D.depthWrite),r.setMask(D.colorWrite);let at=D.stencilWrite;a.setTest(at),at&&(a.setMask(D.stencilWriteMask),a.setFunc(D.stencilFunc,D.stencilRef,D.stencilFuncMask),a.setOp(D.stencilFail,D.stencilZFail,D.stencilZPass)),Ve(D.polygonOffset,D.polygonOffsetFactor,D.polygonOffsetUnits),D.alphaToCoverage===!0?pt(s.SAMPLE_ALPHA_TO_COVERAGE):Ft(s.SAMPLE_ALPHA_TO_COVERAGE)}function mn(D){L!==D&&(D?s.frontFace(s.CW):s.frontFace(s.CCW),L=D)}function ve(D){D!==rp?(pt(s.CULL_FACE),D!==R&&(D===fu?s.cullFace(s.BACK):D===op?s.cullFace(s.FRONT):s.cullFace(s.FRONT_AND_BACK))):Ft(s.CULL_FACE),R=D}function ni(D){D!==U&&(G&&s.lineWidth(D),U=D)}function Ve(D,K,X){D?(pt(s.POLYGON_OFFSET_FILL),(I!==K||k!==X)&&(I=K,k=X,o.getReversed()&&(K=-K,X=-X),s.polygonOffset(K,X))):Ft(s.POLYGON_OFFSET_FILL)}function Pn(D){D?pt(s.SCISSOR_TEST):Ft(s.SCISSOR_TEST)}function In(D){D===void 0&&(D=s.TEXTURE0+H-1),j!==D&&(s.activeTexture(D),j=D)}function Ln(D,K,X){X===void 0&&(j===null?X=s.TEXTURE0+H-1:X=j);let at=Q[X];at===void 0&&(at={type:void 0,texture:void 0},Q[X]=at),(at.type!==D||at.texture!==K)&&(j!==X&&(s.activeTexture(X),j=X),s.bindTexture(D,K||Ct[D]),at.type=D,at.texture=K)}function F(){let D=Q[j];D!==void 0&&D.type!==void 0&&(s.bindTexture(D.type,null),D.type=void 0,D.texture=void 0)}function Nn(){try{s.compressedTexImage2D(...arguments)}catch(D){Lt("WebGLState:",D)}}function ye(){try{s.compressedTexImage3D(...arguments)}catch(D){Lt("WebGLState:",D)}}function xe(){try{s.texSubImage2D(...arguments)}catch(D){Lt("WebGLState:",D)}}function ft(){try{s.texSubImage3D(...arguments)}catch(D){Lt("WebGLState:",D)}}function Oe(){try{s.compressedTexSubImage2D(...arguments)}catch(D){Lt("WebGLState:",D)}}function It(){try{s.compressedTexSubImage3D(...arguments)}catch(D){Lt("WebGLState:",D)}}function kt(){try{s.texStorage2D(...arguments)}catch(D){Lt("WebGLState:",D)}}function P(){try{s.texStorage3D(...arguments)}catch(D){Lt("WebGLState:",D)}}function M(){try{s.texImage2D(...arguments)}catch(D){Lt("WebGLState:",D)}}function z(){try{s.texImage3D(...arguments)}catch(D){Lt("WebGLState:",D)}}function et(D){return u[D]!==void 0?u[D]:s.getParameter(D)}function J(D,K){u[D]!==K&&(s.pixelStorei(D,K),u[D]=K)}function st(D){Z.equals(D)===!1&&(s.scissor(D.x,D.y,D.z,D.w),Z.copy(D))}function ut(D){ht.equals(D)===!1&&(s.viewport(D.x,D.y,D.z,D.w),ht.copy(D))}function $(D,K){let X=c.get(K);X===void 0&&(X=new WeakMap,c.set(K,X));let at=X.get(D);at===void 0&&(at=s.getUniformBlockIndex(K,D.name),s.uniformBlockBinding(K,at,at),X.set(D,at))}function Y(D,K,X){let it=c.get(K).get(D);l[it]!==X&&(s.bindBufferBase(s.UNIFORM_BUFFER,it,X),l[it]=X)}function ot(){s.disable(s.BLEND),s.disable(s.CULL_FACE),s.disable(s.DEPTH_TEST),s.disable(s.POLYGON_OFFSET_FILL),s.disable(s.SCISSOR_TEST),s.disable(s.STENCIL_TEST),s.disable(s.SAMPLE_ALPHA_TO_COVERAGE),s.blendEquation(s.FUNC_ADD),s.blendFunc(s.ONE,s.ZERO),s.blendFuncSeparate(s.ONE,s.ZERO,s.ONE,s.ZERO),s.blendColor(0,0,0,0),s.colorMask(!0,!0,!0,!0),s.clearColor(0,0,0,0),s.depthMask(!0),s.depthFunc(s.LESS),o.setReversed(!1),s.clearDepth(1),s.stencilMask(4294967295),s.stencilFunc(s.ALWAYS,0,4294967295),s.stencilOp(s.KEEP,s.KEEP,s.KEEP),s.clearStencil(0),s.cullFace(s.BACK),s.frontFace(s.CCW),s.polygonOffset(0,0),s.activeTexture(s.TEXTURE0),s.bindFramebuffer(s.FRAMEBUFFER,null),s.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),s.bindFramebuffer(s.READ_FRAMEBUFFER,null),s.useProgram(null),s.lineWidth(1),s.scissor(0,0,s.canvas.width,s.canvas.height),s.viewport(0,0,s.canvas.width,s.canvas.height),s.pixelStorei(s.PACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,!1),s.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),s.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,s.BROWSER_DEFAULT_WEBGL),s.pixelStorei(s.PACK_ROW_LENGTH,0),s.pixelStorei(s.PACK_SKIP_PIXELS,0),s.pixelStorei(s.PACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_ROW_LENGTH,0),s.pixelStorei(s.UNPACK_IMAGE_HEIGHT,0),s.pixelStorei(s.UNPACK_SKIP_PIXELS,0),s.pixelStorei(s.UNPACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_SKIP_IMAGES,0),h={},u={},j=null,Q={},d={},l={},f=new WeakMap,p=[],y=null,m=!1,g=null,_=null,b=null,v=null,S=null,T=null,x=null,w=new Ot(0,0,0),N=0,C=!1,L=null,R=null,U=null,I=null,k=null,Z.set(0,0,s.canvas.width,s.canvas.height),ht.set(0,0,s.canvas.width,s.canvas.height),r.reset(),o.reset(),a.reset()}return{buffers:{color:r,depth:o,stencil:a},enable:pt,disable:Ft,bindFramebuffer:Me,drawBuffers:Pt,useProgram:Kt,setBlending:Ye,setMaterial:Ue,setFlipSided:mn,setCullFace:ve,setLineWidth:ni,setPolygonOffset:Ve,setScissorTest:Pn,activeTexture:In,bindTexture:Ln,unbindTexture:F,compressedTexImage2D:Nn,compressedTexImage3D:ye,texImage2D:M,texImage3D:z,pixelStorei:J,getParameter:et,updateUBOMapping:$,uniformBlockBinding:Y,texStorage2D:kt,texStorage3D:P,texSubImage2D:xe,texSubImage3D:ft,compressedTexSubImage2D:Oe,compressedTexSubImage3D:It,scissor:st,viewport:ut,reset:ot}}function kw(s,t,e,n,i,r,o){let a=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new ct,h=new WeakMap,u=new Set,d,f=new WeakMap,p=new Set,y=new FinalizationRegistry(P=>p.delete(P)),m=!1;try{m=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function g(P,M){return m?new OffscreenCanvas(P,M):io("canvas")}function _(P,M,z){let et=1,J=kt(P);if((J.width>z||J.height>z)&&(et=z/Math.max(J.width,J.height)),et<1)if(typeof HTMLImageElement<"u"&&P instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&P instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&P instanceof ImageBitmap||typeof VideoFrame<"u"&&P instanceof VideoFrame){let st=Math.floor(et*J.width),ut=Math.floor(et*J.height);d===void 0&&(d=g(st,ut));let $=M?g(st,ut):d;return $.width=st,$.height=ut,$.getContext("2d").drawImage(P,0,0,st,ut),Rt("WebGLRenderer: Texture has been resized from ("+J.width+"x"+J.height+") to ("+st+"x"+ut+")."),$}else return"data"in P&&Rt("WebGLRenderer: Image in DataTexture is too big ("+J.width+"x"+J.height+")."),P;return P}function b(P){return P.generateMipmaps}function v(P){s.generateMipmap(P)}function S(P){return P.isWebGLCubeRenderTarget?s.TEXTURE_CUBE_MAP:P.isWebGL3DRenderTarget?s.TEXTURE_3D:P.isWebGLArrayRenderTarget||P.isCompressedArrayTexture?s.TEXTURE_2D_ARRAY:s.TEXTURE_2D}function T(P,M,z,et,J,st=!1){if(P!==null){if(s[P]!==void 0)return s[P];Rt("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+P+"'")}let ut;et&&(ut=t.get("EXT_texture_norm16"),ut||Rt("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let $=M;if(M===s.RED&&(z===s.FLOAT&&($=s.R32F),z===s.HALF_FLOAT&&($=s.R16F),z===s.UNSIGNED_BYTE&&($=s.R8),z===s.UNSIGNED_SHORT&&ut&&($=ut.R16_EXT),z===s.SHORT&&ut&&($=ut.R16_SNORM_EXT)),M===s.RED_INTEGER&&(z===s.UNSIGNED_BYTE&&($=s.R8UI),z===s.UNSIGNED_SHORT&&($=s.R16UI),z===s.UNSIGNED_INT&&($=s.R32UI),z===s.BYTE&&($=s.R8I),z===s.SHORT&&($=s.R16I),z===s.INT&&($=s.R32I)),M===s.RG&&(z===s.FLOAT&&($=s.RG32F),z===s.HALF_FLOAT&&($=s.RG16F),z===s.UNSIGNED_BYTE&&($=s.RG8),z===s.UNSIGNED_SHORT&&ut&&($=ut.RG16_EXT),z===s.SHORT&&ut&&($=ut.RG16_SNORM_EXT)),M===s.RG_INTEGER&&(z===s.UNSIGNED_BYTE&&($=s.RG8UI),z===s.UNSIGNED_SHORT&&($=s.RG16UI),z===s.UNSIGNED_INT&&($=s.RG32UI),z===s.BYTE&&($=s.RG8I),z===s.SHORT&&($=s.RG16I),z===s.INT&&($=s.RG32I)),M===s.RGB_INTEGER&&(z===s.UNSIGNED_BYTE&&($=s.RGB8UI),z===s.UNSIGNED_SHORT&&($=s.RGB16UI),z===s.UNSIGNED_INT&&($=s.RGB32UI),z===s.BYTE&&($=s.RGB8I),z===s.SHORT&&($=s.RGB16I),z===s.INT&&($=s.RGB32I)),M===s.RGBA_INTEGER&&(z===s.UNSIGNED_BYTE&&($=s.RGBA8UI),z===s.UNSIGNED_SHORT&&($=s.RGBA16UI),z===s.UNSIGNED_INT&&($=s.RGBA32UI),z===s.BYTE&&($=s.RGBA8I),z===s.SHORT&&($=s.RGBA16I),z===s.INT&&($=s.RGBA32I)),M===s.RGB&&(z===s.UNSIGNED_SHORT&&ut&&($=ut.RGB16_EXT),z===s.SHORT&&ut&&($=ut.RGB16_SNORM_EXT),z===s.UNSIGNED_INT_5_9_9_9_REV&&($=s.RGB9_E5),z===s.UNSIGNED_INT_10F_11F_11F_REV&&($=s.R11F_G11F_B10F)),M===s.RGBA){let Y=st?no:$t.getTransfer(J);z===s.FLOAT&&($=s.RGBA32F),z===s.HALF_FLOAT&&($=s.RGBA16F),z===s.UNSIGNED_BYTE&&($=Y===ie?s.SRGB8_ALPHA8:s.RGBA8),z===s.UNSIGNED_SHORT&&ut&&($=ut.RGBA16_EXT),z===s.SHORT&&ut&&($=ut.RGBA16_SNORM_EXT),z===s.UNSIGNED_SHORT_4_4_4_4&&($=s.RGBA4),z===s.UNSIGNED_SHORT_5_5_5_1&&($=s.RGB5_A1)}return($===s.R16F||$===s.R32F||$===s.RG16F||$===s.RG32F||$===s.RGBA16F||$===s.RGBA32F)&&t.get("EXT_color_buffer_float"),$}function x(P,M){let z;return P?M===null||M===Kn||M===ws?z=s.DEPTH24_STENCIL8:M===Bn?z=s.DEPTH32F_STENCIL8:M===gr&&(z=s.DEPTH24_STENCIL8,Rt("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):M===null||M===Kn||M===ws?z=s.DEPTH_COMPONENT24:M===Bn?z=s.DEPTH_COMPONENT32F:M===gr&&(z=s.DEPTH_COMPONENT16),z}function w(P,M){return b(P)===!0||P.isFramebufferTexture&&P.minFilter!==qe&&P.minFilter!==cn?Math.log2(Math.max(M.width,M.height))+1:P.mipmaps.length>0?P.mipmaps.length:P.isCompressedTexture&&Array.isArray(P.image)?M.mipmaps.length:1}function N(P){let M=new WeakRef(P);n.get(P).__ref=M,p.add(M),y.register(P,M,M)}function C(P){let M=n.get(P).__ref;M!==void 0&&(p.delete(M),y.unregister(M))}function L(P){U(P.target)}function R(P){I(P.target)}function U(P){P.removeEventListener("dispose",L),C(P),H(P),P.isVideoTexture&&h.delete(P),P.isHTMLTexture&&u.delete(P)}function I(P){P.removeEventListener("dispose",R),C(P),tt(P)}function k(){for(let P of p){let M=P.deref();M!==void 0&&(M.isRenderTarget===!0?I(M):U(M))}p.clear(),u.clear()}function H(P){let M=n.get(P);if(M.__webglInit===void 0)return;let z=P.source,et=f.get(z);if(et){let J=et[M.__cacheKey];J.usedTimes--,J.usedTimes===0&&G(P),Object.keys(et).length===0&&f.delete(z)}n.remove(P)}function G(P){let M=n.get(P);s.deleteTexture(M.__webglTexture);let z=P.source,et=f.get(z);delete et[M.__cacheKey],o.memory.textures--}function tt(P){let M=n.get(P);M.__depthDisposeCallback&&M.__depthDisposeCallback();let z=P.depthTexture;if(z&&z.renderTarget===P&&U(z),P.isWebGLCubeRenderTarget)for(let J=0;J<6;J++){if(Array.isArray(M.__webglFramebuffer[J]))for(let st=0;st<M.__webglFramebuffer[J].length;st++)s.deleteFramebuffer(M.__webglFramebuffer[J][st]);else s.deleteFramebuffer(M.__webglFramebuffer[J]);M.__webglDepthbuffer&&s.deleteRenderbuffer(M.__webglDepthbuffer[J])}else{if(Array.isArray(M.__webglFramebuffer))for(let J=0;J<M.__webglFramebuffer.length;J++)s.deleteFramebuffer(M.__webglFramebuffer[J]);else s.deleteFramebuffer(M.__webglFramebuffer);if(M.__webglDepthbuffer&&s.deleteRenderbuffer(M.__webglDepthbuffer),M.__webglMultisampledFramebuffer&&s.deleteFramebuffer(M.__webglMultisampledFramebuffer),M.__webglColorRenderbuffer)for(let J=0;J<M.__webglColorRenderbuffer.length;J++)M.__webglColorRenderbuffer[J]&&s.deleteRenderbuffer(M.__webglColorRenderbuffer[J]);M.__webglDepthRenderbuffer&&s.deleteRenderbuffer(M.__webglDepthRenderbuffer)}let et=P.textures;for(let J=0,st=et.length;J<st;J++){let ut=n.get(et[J]);ut.__webglTexture&&(s.deleteTexture(ut.__webglTexture),o.memory.textures--),n.remove(et[J])}n.remove(P)}let q=0;function j(){q=0}function Q(){return q}function _t(P){q=P}function Nt(){let P=q;return P>=i.maxTextures&&Rt("WebGLTextures: Trying to use "+(P+1)+" texture units while this GPU supports only "+i.maxTextures),q+=1,P}function Z(P){let M=[];return M.push(P.wrapS),M.push(P.wrapT),M.push(P.wrapR||0),M.push(P.magFilter),M.push(P.minFilter),M.push(P.anisotropy),M.push(P.internalFormat),M.push(P.format),M.push(P.type),M.push(P.generateMipmaps),M.push(P.mipmapsAutoUpdate),M.push(P.premultiplyAlpha),M.push(P.flipY),M.push(P.unpackAlignment),M.push(P.colorSpace),M.join()}function ht(P,M){let z=n.get(P);if(P.isVideoTexture&&Oe(P),P.isRenderTargetTexture===!1&&P.isExternalTexture!==!0&&P.version>0&&z.__version!==P.version){let et=P.image;if(et===null)Rt("WebGLRenderer: Texture marked for update but no image data found.");else if(et.complete===!1)Rt("WebGLRenderer: Texture marked for update but image is incomplete");else{Ue(z,P,M);return}}else P.isExternalTexture&&(z.__webglTexture=P.sourceTexture?P.sourceTexture:null);e.bindTexture(s.TEXTURE_2D,z.__webglTexture,s.TEXTURE0+M)}function xt(P,M){let z=n.get(P);if(P.isRenderTargetTexture===!1&&P.version>0&&z.__version!==P.version){Ue(z,P,M);return}else P.isExternalTexture&&(z.__webglTexture=P.sourceTexture?P.sourceTexture:null);e.bindTexture(s.TEXTURE_2D_ARRAY,z.__webglTexture,s.TEXTURE0+M)}function Ct(P,M){let z=n.get(P);if(P.isRenderTargetTexture===!1&&P.version>0&&z.__version!==P.version){Ue(z,P,M);return}e.bindTexture(s.TEXTURE_3D,z.__webglTexture,s.TEXTURE0+M)}function pt(P,M){let z=n.get(P);if(P.version>0&&z.__version!==P.version){mn(z,P,M);return}e.bindTexture(s.TEXTURE_CUBE_MAP,z.__webglTexture,s.TEXTURE0+M)}let Ft={[Ga]:s.REPEAT,[si]:s.CLAMP_TO_EDGE,[Wa]:s.MIRRORED_REPEAT},Me={[qe]:s.NEAREST,[Cp]:s.NEAREST_MIPMAP_NEAREST,[Co]:s.NEAREST_MIPMAP_LINEAR,[cn]:s.LINEAR,[Sl]:s.LINEAR_MIPMAP_NEAREST,[Ti]:s.LINEAR_MIPMAP_LINEAR},Pt={[Lp]:s.NEVER,[Uu]:s.ALWAYS,[Np]:s.LESS,[Nu]:s.LEQUAL,[Dp]:s.EQUAL,[Du]:s.GEQUAL,[Up]:s.GREATER,[Op]:s.NOTEQUAL};function Kt(P,M){if(M.type===Bn&&t.has("OES_texture_float_linear")===!1&&(M.magFilter===cn||M.magFilter===Sl||M.magFilter===Co||M.magFilter===Ti||M.minFilter===cn||M.minFilter===Sl||M.minFilter===Co||M.minFilter===Ti)&&Rt("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),s.texParameteri(P,s.TEXTURE_WRAP_S,Ft[M.wrapS]),s.texParameteri(P,s.TEXTURE_WRAP_T,Ft[M.wrapT]),(P===s.TEXTURE_3D||P===s.TEXTURE_2D_ARRAY)&&s.texParameteri(P,s.TEXTURE_WRAP_R,Ft[M.wrapR]),s.texParameteri(P,s.TEXTURE_MAG_FILTER,Me[M.magFilter]),s.texParameteri(P,s.TEXTURE_MIN_FILTER,Me[M.minFilter]),M.compareFunction&&(s.texParameteri(P,s.TEXTURE_COMPARE_MODE,s.COMPARE_REF_TO_TEXTURE),s.texParameteri(P,s.TEXTURE_COMPARE_FUNC,Pt[M.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(M.magFilter===qe||M.minFilter!==Co&&M.minFilter!==Ti||M.type===Bn&&t.has("OES_texture_float_linear")===!1)return;if(M.anisotropy>1||n.get(M).__currentAnisotropy){let z=t.get("EXT_texture_filter_anisotropic");s.texParameterf(P,z.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(M.anisotropy,i.getMaxAnisotropy())),n.get(M).__currentAnisotropy=M.anisotropy}}}function ce(P,M){let z=!1;P.__webglInit===void 0&&(P.__webglInit=!0,M.addEventListener("dispose",L),N(M));let et=M.source,J=f.get(et);J===void 0&&(J={},f.set(et,J));let st=Z(M);if(st!==P.__cacheKey){J[st]===void 0&&(J[st]={texture:s.createTexture(),usedTimes:0},o.memory.textures++,z=!0),J[st].usedTimes++;let ut=J[P.__cacheKey];ut!==void 0&&(J[P.__cacheKey].usedTimes--,ut.usedTimes===0&&G(M)),P.__cacheKey=st,P.__webglTexture=J[st].texture}return z}function Wt(P,M,z){return Math.floor(Math.floor(P/z)/M)}function Ye(P,M,z,et){let st=P.updateRanges;if(st.length===0)e.texSubImage2D(s.TEXTURE_2D,0,0,0,M.width,M.height,z,et,M.data);else{st.sort((D,K)=>D.start-K.start);let ut=0;for(let D=1;D<st.length;D++){let K=st[ut],X=st[D],at=K.start+K.count,it=Wt(X.start,M.width,4),rt=Wt(K.start,M.width,4);X.start<=at+1&&it===rt&&Wt(X.start+X.count-1,M.width,4)===it?K.count=Math.max(K.count,X.start+X.count-K.start):(++ut,st[ut]=X)}st.length=ut+1;let $=e.getParameter(s.UNPACK_ROW_LENGTH),Y=e.getParameter(s.UNPACK_SKIP_PIXELS),ot=e.getParameter(s.UNPACK_SKIP_ROWS);e.pixelStorei(s.UNPACK_ROW_LENGTH,M.width);for(let D=0,K=st.length;D<K;D++){let X=st[D],at=Math.floor(X.start/4),it=Math.ceil(X.count/4),rt=at%M.width,Tt=Math.floor(at/M.width),Vt=it,nt=1;e.pixelStorei(s.UNPACK_SKIP_PIXELS,rt),e.pixelStorei(s.UNPACK_SKIP_ROWS,Tt),e.texSubImage2D(s.TEXTURE_2D,0,rt,Tt,Vt,nt,z,et,M.data)}P.clearUpdateRanges(),e.pixelStorei(s.UNPACK_ROW_LENGTH,$),e.pixelStorei(s.UNPACK_SKIP_PIXELS,Y),e.pixelStorei(s.UNPACK_SKIP_ROWS,ot)}}function Ue(P,M,z){let et=s.TEXTURE_2D;(M.isDataArrayTexture||M.isCompressedArrayTexture)&&(et=s.TEXTURE_2D_ARRAY),M.isData3DTexture&&(et=s.TEXTURE_3D);let J=ce(P,M),st=M.source;e.bindTexture(et,P.__webglTexture,s.TEXTURE0+z);let ut=n.get(st);if(st.version!==ut.__version||J===!0){if(e.activeTexture(s.TEXTURE0+z),(typeof ImageBitmap<"u"&&M.image instanceof ImageBitmap)===!1){let nt=$t.getPrimaries($t.workingColorSpace),At=M.colorSpace===Ci?null:$t.getPrimaries(M.colorSpace),zt=M.colorSpace===Ci||nt===At?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,M.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,M.premultiplyAlpha),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,zt)}e.pixelStorei(s.UNPACK_ALIGNMENT,M.unpackAlignment);let Y=_(M.image,!1,i.maxTextureSize);Y=It(M,Y);let ot=r.convert(M.format,M.colorSpace),D=r.convert(M.type),K=T(M.internalFormat,ot,D,M.normalized,M.colorSpace,M.isVideoTexture);Kt(et,M);let X,at=M.mipmaps,it=M.isVideoTexture!==!0,rt=ut.__version===void 0||J===!0,Tt=st.dataReady,Vt=w(M,Y);if(M.isDepthTexture)K=x(M.format===Ai,M.type),rt&&(it?e.texStorage2D(s.TEXTURE_2D,1,K,Y.width,Y.height):e.texImage2D(s.TEXTURE_2D,0,K,Y.width,Y.height,0,ot,D,null));else if(M.isDataTexture)if(at.length>0){it&&rt&&e.texStorage2D(s.TEXTURE_2D,Vt,K,at[0].width,at[0].height);for(let nt=0,At=at.length;nt<At;nt++)X=at[nt],it?Tt&&e.texSubImage2D(s.TEXTURE_2D,nt,0,0,X.width,X.height,ot,D,X.data):e.texImage2D(s.TEXTURE_2D,nt,K,X.width,X.height,0,ot,D,X.data);M.generateMipmaps=!1}else it?(rt&&e.texStorage2D(s.TEXTURE_2D,Vt,K,Y.width,Y.height),Tt&&Ye(M,Y,ot,D)):e.texImage2D(s.TEXTURE_2D,0,K,Y.width,Y.height,0,ot,D,Y.data);else if(M.isCompressedTexture)if(M.isCompressedArrayTexture){it&&rt&&e.texStorage3D(s.TEXTURE_2D_ARRAY,Vt,K,at[0].width,at[0].height,Y.depth);for(let nt=0,At=at.length;nt<At;nt++)if(X=at[nt],M.format!==jn)if(ot!==null)if(it){if(Tt)if(M.layerUpdates.size>0){let zt=Xu(X.width,X.height,M.format,M.type);for(let mt of M.layerUpdates){let ae=X.data.subarray(mt*zt/X.data.BYTES_PER_ELEMENT,(mt+1)*zt/X.data.BYTES_PER_ELEMENT);e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,nt,0,0,mt,X.width,X.height,1,ot,ae)}}else e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,nt,0,0,0,X.width,X.height,Y.depth,ot,X.data)}else e.compressedTexImage3D(s.TEXTURE_2D_ARRAY,nt,K,X.width,X.height,Y.depth,0,X.data,0,0);else Rt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else it?Tt&&e.texSubImage3D(s.TEXTURE_2D_ARRAY,nt,0,0,0,X.width,X.height,Y.depth,ot,D,X.data):e.texImage3D(s.TEXTURE_2D_ARRAY,nt,K,X.width,X.height,Y.depth,0,ot,D,X.data);M.layerUpdates.size>0&&M.clearLayerUpdates()}else{it&&rt&&e.texStorage2D(s.TEXTURE_2D,Vt,K,at[0].width,at[0].height);for(let nt=0,At=at.length;nt<At;nt++)X=at[nt],M.format!==jn?ot!==null?it?Tt&&e.compressedTexSubImage2D(s.TEXTURE_2D,nt,0,0,X.width,X.height,ot,X.data):e.compressedTexImage2D(s.TEXTURE_2D,nt,K,X.width,X.height,0,X.data):Rt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):it?Tt&&e.texSubImage2D(s.TEXTURE_2D,nt,0,0,X.width,X.height,ot,D,X.data):e.texImage2D(s.TEXTURE_2D,nt,K,X.width,X.height,0,ot,D,X.data)}else if(M.isDataArrayTexture)if(it){if(rt&&e.texStorage3D(s.TEXTURE_2D_ARRAY,Vt,K,Y.width,Y.height,Y.depth),Tt)if(M.layerUpdates.size>0){let nt=Xu(Y.width,Y.height,M.format,M.type);for(let At of M.layerUpdates){let zt=Y.data.subarray(At*nt/Y.data.BYTES_PER_ELEMENT,(At+1)*nt/Y.data.BYTES_PER_ELEMENT);e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,At,Y.width,Y.height,1,ot,D,zt)}M.clearLayerUpdates()}else e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,0,Y.width,Y.height,Y.depth,ot,D,Y.data)}else e.texImage3D(s.TEXTURE_2D_ARRAY,0,K,Y.width,Y.height,Y.depth,0,ot,D,Y.data);else if(M.isData3DTexture)it?(rt&&e.texStorage3D(s.TEXTURE_3D,Vt,K,Y.width,Y.height,Y.depth),Tt&&e.texSubImage3D(s.TEXTURE_3D,0,0,0,0,Y.width,Y.height,Y.depth,ot,D,Y.data)):e.texImage3D(s.TEXTURE_3D,0,K,Y.width,Y.height,Y.depth,0,ot,D,Y.data);else if(M.isFramebufferTexture){if(rt)if(it)e.texStorage2D(s.TEXTURE_2D,Vt,K,Y.width,Y.height);else{let nt=Y.width,At=Y.height;for(let zt=0;zt<Vt;zt++)e.texImage2D(s.TEXTURE_2D,zt,K,nt,At,0,ot,D,null),nt>>=1,At>>=1}}else if(M.isHTMLTexture){if("texElementImage2D"in s){let nt=s.canvas;if(nt.hasAttribute("layoutsubtree")||nt.setAttribute("layoutsubtree","true"),Y.parentNode!==nt){nt.appendChild(Y),u.add(M),nt.onpaint=At=>{let zt=At.changedElements;for(let mt of u)zt.includes(mt.image)&&(mt.needsUpdate=!0)},nt.requestPaint();return}if(s.texElementImage2D.length===3)s.texElementImage2D(s.TEXTURE_2D,s.RGBA8,Y);else{let zt=s.RGBA,mt=s.RGBA,ae=s.UNSIGNED_BYTE;s.texElementImage2D(s.TEXTURE_2D,0,zt,mt,ae,Y)}s.texParameteri(s.TEXTURE_2D,s.TEXTURE_MIN_FILTER,s.LINEAR),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_S,s.CLAMP_TO_EDGE),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_T,s.CLAMP_TO_EDGE)}}else if(at.length>0){if(it&&rt){let nt=kt(at[0]);e.texStorage2D(s.TEXTURE_2D,Vt,K,nt.width,nt.height)}for(let nt=0,At=at.length;nt<At;nt++)X=at[nt],it?Tt&&e.texSubImage2D(s.TEXTURE_2D,nt,0,0,ot,D,X):e.texImage2D(s.TEXTURE_2D,nt,K,ot,D,X);M.generateMipmaps=!1}else if(it){if(rt){let nt=kt(Y);e.texStorage2D(s.TEXTURE_2D,Vt,K,nt.width,nt.height)}Tt&&e.texSubImage2D(s.TEXTURE_2D,0,0,0,ot,D,Y)}else e.texImage2D(s.TEXTURE_2D,0,K,ot,D,Y);b(M)&&M.mipmapsAutoUpdate===!0&&v(et),ut.__version=st.version,M.onUpdate&&M.onUpdate(M)}P.__version=M.version}function mn(P,M,z){if(M.image.length!==6)return;let et=ce(P,M),J=M.source;e.bindTexture(s.TEXTURE_CUBE_MAP,P.__webglTexture,s.TEXTURE0+z);let st=n.get(J);if(J.version!==st.__version||et===!0){e.activeTexture(s.TEXTURE0+z);let ut=$t.getPrimaries($t.workingColorSpace),$=M.colorSpace===Ci?null:$t.getPrimaries(M.colorSpace),Y=M.colorSpace===Ci||ut===$?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,M.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,M.premultiplyAlpha),e.pixelStorei(s.UNPACK_ALIGNMENT,M.unpackAlignment),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,Y);let ot=M.isCompressedTexture||M.image[0].isCompressedTexture,D=M.image[0]&&M.image[0].isDataTexture,K=[];for(let mt=0;mt<6;mt++)!ot&&!D?K[mt]=_(M.image[mt],!0,i.maxCubemapSize):K[mt]=D?M.image[mt].image:M.image[mt],K[mt]=It(M,K[mt]);let X=K[0],at=r.convert(M.format,M.colorSpace),it=r.convert(M.type),rt=T(M.internalFormat,at,it,M.normalized,M.colorSpace),Tt=M.isVideoTexture!==!0,Vt=st.__version===void 0||et===!0,nt=J.dataReady,At=w(M,X);Kt(s.TEXTURE_CUBE_MAP,M);let zt;if(M.isDepthTexture){if(rt=x(M.format===Ai,M.type),Vt)if(Tt)e.texStorage2D(s.TEXTURE_CUBE_MAP,1,rt,X.width,X.height);else for(let mt=0;mt<6;mt++)e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,0,rt,X.width,X.height,0,at,it,null)}else if(ot){Tt&&Vt&&e.texStorage2D(s.TEXTURE_CUBE_MAP,At,rt,X.width,X.height);for(let mt=0;mt<6;mt++){zt=K[mt].mipmaps;for(let ae=0;ae<zt.length;ae++){let He=zt[ae];M.format!==jn?at!==null?Tt?nt&&e.compressedTexSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae,0,0,He.width,He.height,at,He.data):e.compressedTexImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae,rt,He.width,He.height,0,He.data):Rt("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Tt?nt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae,0,0,He.width,He.height,at,it,He.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae,rt,He.width,He.height,0,at,it,He.data)}}}else{if(zt=M.mipmaps,Tt&&Vt){zt.length>0&&At++;let mt=kt(K[0]);e.texStorage2D(s.TEXTURE_CUBE_MAP,At,rt,mt.width,mt.height)}for(let mt=0;mt<6;mt++)if(D){Tt?nt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,0,0,0,K[mt].width,K[mt].height,at,it,K[mt].data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,0,rt,K[mt].width,K[mt].height,0,at,it,K[mt].data);for(let ae=0;ae<zt.length;ae++){let Li=zt[ae].image[mt].image;Tt?nt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae+1,0,0,Li.width,Li.height,at,it,Li.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae+1,rt,Li.width,Li.height,0,at,it,Li.data)}}else{Tt?nt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,0,0,0,at,it,K[mt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,0,rt,at,it,K[mt]);for(let ae=0;ae<zt.length;ae++){let He=zt[ae];Tt?nt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae+1,0,0,at,it,He.image[mt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+mt,ae+1,rt,at,it,He.image[mt])}}}b(M)&&M.mipmapsAutoUpdate===!0&&v(s.TEXTURE_CUBE_MAP),st.__version=J.version,M.onUpdate&&M.onUpdate(M)}P.__version=M.version}function ve(P,M,z,et,J,st){let ut=r.convert(z.format,z.colorSpace),$=r.convert(z.type),Y=T(z.internalFormat,ut,$,z.normalized,z.colorSpace),ot=n.get(M),D=n.get(z);if(D.__renderTarget=M,!ot.__hasExternalTextures){let K=Math.max(1,M.width>>st),X=Math.max(1,M.height>>st);J===s.TEXTURE_3D||J===s.TEXTURE_2D_ARRAY?e.texImage3D(J,st,Y,K,X,M.depth,0,ut,$,null):e.texImage2D(J,st,Y,K,X,0,ut,$,null)}e.bindFramebuffer(s.FRAMEBUFFER,P),ft(M)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,et,J,D.__webglTexture,0,xe(M)):(J===s.TEXTURE_2D||J>=s.TEXTURE_CUBE_MAP_POSITIVE_X&&J<=s.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&s.framebufferTexture2D(s.FRAMEBUFFER,et,J,D.__webglTexture,st),e.bindFramebuffer(s.FRAMEBUFFER,null)}function ni(P,M,z){if(s.bindRenderbuffer(s.RENDERBUFFER,P),M.depthBuffer){let et=M.depthTexture,J=et&&et.isDepthTexture?et.type:null,st=x(M.stencilBuffer,J),ut=M.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;ft(M)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,xe(M),st,M.width,M.height):z?s.renderbufferStorageMultisample(s.RENDERBUFFER,xe(M),st,M.width,M.height):s.renderbufferStorage(s.RENDERBUFFER,st,M.width,M.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,ut,s.RENDERBUFFER,P)}else{let et=M.textures;for(let J=0;J<et.length;J++){let st=et[J],ut=r.convert(st.format,st.colorSpace),$=r.convert(st.type),Y=T(st.internalFormat,ut,$,st.normalized,st.colorSpace);ft(M)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,xe(M),Y,M.width,M.height):z?s.renderbufferStorageMultisample(s.RENDERBUFFER,xe(M),Y,M.width,M.height):s.renderbufferStorage(s.RENDERBUFFER,Y,M.width,M.height)}}s.bindRenderbuffer(s.RENDERBUFFER,null)}function Ve(P,M,z){let et=M.isWebGLCubeRenderTarget===!0;if(e.bindFramebuffer(s.FRAMEBUFFER,P),!(M.depthTexture&&M.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let J=n.get(M.depthTexture);J.__renderTarget=M;let st=et?M.depthTexture.image[0]:M.depthTexture.image;(!J.__webglTexture||st.width!==M.width||st.height!==M.height)&&(st.width=M.width,st.height=M.height,M.depthTexture.needsUpdate=!0),et?pt(M.depthTexture,0):ht(M.depthTexture,0);let ut=J.__webglTexture,$=xe(M),Y=et?s.TEXTURE_CUBE_MAP_POSITIVE_X+z:s.TEXTURE_2D,ot=M.depthTexture.format===Ai?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;if(M.depthTexture.format===Si)ft(M)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,ot,Y,ut,0,$):s.framebufferTexture2D(s.FRAMEBUFFER,ot,Y,ut,0);else if(M.depthTexture.format===Ai)ft(M)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,ot,Y,ut,0,$):s.framebufferTexture2D(s.FRAMEBUFFER,ot,Y,ut,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function Pn(P){let M=n.get(P),z=P.isWebGLCubeRenderTarget===!0;if(M.__boundDepthTexture!==P.depthTexture){let et=P.depthTexture;if(M.__depthDisposeCallback&&M.__depthDisposeCallback(),et){let J=()=>{delete M.__boundDepthTexture,delete M.__depthDisposeCallback,et.removeEventListener("dispose",J)};et.addEventListener("dispose",J),M.__depthDisposeCallback=J}M.__boundDepthTexture=et}if(P.depthTexture&&!M.__autoAllocateDepthBuffer)if(z)for(let et=0;et<6;et++)Ve(M.__webglFramebuffer[et],P,et);else P.texture.mipmaps.length>0?Ve(M.__webglFramebuffer[0],P,0):Ve(M.__webglFramebuffer,P,0);else if(z){M.__webglDepthbuffer=[];for(let et=0;et<6;et++)if(e.bindFramebuffer(s.FRAMEBUFFER,M.__webglFramebuffer[et]),M.__webglDepthbuffer[et]===void 0)M.__webglDepthbuffer[et]=s.createRenderbuffer(),ni(M.__webglDepthbuffer[et],P,!1);else{let J=P.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,st=M.__webglDepthbuffer[et];s.bindRenderbuffer(s.RENDERBUFFER,st),s.framebufferRenderbuffer(s.FRAMEBUFFER,J,s.RENDERBUFFER,st)}}else if(P.texture.mipmaps.length>0?e.bindFramebuffer(s.FRAMEBUFFER,M.__webglFramebuffer[0]):e.bindFramebuffer(s.FRAMEBUFFER,M.__webglFramebuffer),M.__webglDepthbuffer===void 0)M.__webglDepthbuffer=s.createRenderbuffer(),ni(M.__webglDepthbuffer,P,!1);else{let J=P.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,st=M.__webglDepthbuffer;s.bindRenderbuffer(s.RENDERBUFFER,st),s.framebufferRenderbuffer(s.FRAMEBUFFER,J,s.RENDERBUFFER,st)}e.bindFramebuffer(s.FRAMEBUFFER,null)}function In(P,M,z){let et=n.get(P);M!==void 0&&ve(et.__webglFramebuffer,P,P.texture,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,0),z!==void 0&&Pn(P)}function Ln(P){let M=P.texture,z=n.get(P),et=n.get(M);P.addEventListener("dispose",R),N(P);let J=P.textures,st=P.isWebGLCubeRenderTarget===!0,ut=J.length>1;if(ut||(et.__webglTexture===void 0&&(et.__webglTexture=s.createTexture()),et.__version=M.version,o.memory.textures++),st){z.__webglFramebuffer=[];for(let $=0;$<6;$++)if(M.mipmaps.length>0){z.__webglFramebuffer[$]=[];for(let Y=0;Y<M.mipmaps.length;Y++)z.__webglFramebuffer[$][Y]=s.createFramebuffer()}else z.__webglFramebuffer[$]=s.createFramebuffer()}else{if(M.mipmaps.length>0){z.__webglFramebuffer=[];for(let $=0;$<M.mipmaps.length;$++)z.__webglFramebuffer[$]=s.createFramebuffer()}else z.__webglFramebuffer=s.createFramebuffer();if(ut)for(let $=0,Y=J.length;$<Y;$++){let ot=n.get(J[$]);ot.__webglTexture===void 0&&(ot.__webglTexture=s.createTexture(),o.memory.textures++)}if(P.samples>0&&ft(P)===!1){z.__webglMultisampledFramebuffer=s.createFramebuffer(),z.__webglColorRenderbuffer=[],e.bindFramebuffer(s.FRAMEBUFFER,z.__webglMultisampledFramebuffer);for(let $=0;$<J.length;$++){let Y=J[$];z.__webglColorRenderbuffer[$]=s.createRenderbuffer(),s.bindRenderbuffer(s.RENDERBUFFER,z.__webglColorRenderbuffer[$]);let ot=r.convert(Y.format,Y.colorSpace),D=r.convert(Y.type),K=T(Y.internalFormat,ot,D,Y.normalized,Y.colorSpace,P.isXRRenderTarget===!0),X=xe(P);s.renderbufferStorageMultisample(s.RENDERBUFFER,X,K,P.width,P.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+$,s.RENDERBUFFER,z.__webglColorRenderbuffer[$])}s.bindRenderbuffer(s.RENDERBUFFER,null),P.depthBuffer&&(z.__webglDepthRenderbuffer=s.createRenderbuffer(),ni(z.__webglDepthRenderbuffer,P,!0)),e.bindFramebuffer(s.FRAMEBUFFER,null)}}if(st){e.bindTexture(s.TEXTURE_CUBE_MAP,et.__webglTexture),Kt(s.TEXTURE_CUBE_MAP,M);for(let $=0;$<6;$++)if(M.mipmaps.length>0)for(let Y=0;Y<M.mipmaps.length;Y++)ve(z.__webglFramebuffer[$][Y],P,M,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+$,Y);else ve(z.__webglFramebuffer[$],P,M,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+$,0);b(M)?v(s.TEXTURE_CUBE_MAP):M.mipmaps.length>0&&s.texParameteri(s.TEXTURE_CUBE_MAP,s.TEXTURE_MAX_LEVEL,M.mipmaps.length-1),e.unbindTexture()}else if(ut){for(let $=0,Y=J.length;$<Y;$++){let ot=J[$],D=n.get(ot),K=s.TEXTURE_2D;(P.isWebGL3DRenderTarget||P.isWebGLArrayRenderTarget)&&(K=P.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture(K,D.__webglTexture),Kt(K,ot),ve(z.__webglFramebuffer,P,ot,s.COLOR_ATTACHMENT0+$,K,0),b(ot)&&v(K)}e.unbindTexture()}else{let $=s.TEXTURE_2D;if((P.isWebGL3DRenderTarget||P.isWebGLArrayRenderTarget)&&($=P.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture($,et.__webglTexture),Kt($,M),M.mipmaps.length>0)for(let Y=0;Y<M.mipmaps.length;Y++)ve(z.__webglFramebuffer[Y],P,M,s.COLOR_ATTACHMENT0,$,Y);else ve(z.__webglFramebuffer,P,M,s.COLOR_ATTACHMENT0,$,0);b(M)?v($):M.mipmaps.length>0&&s.texParameteri($,s.TEXTURE_MAX_LEVEL,M.mipmaps.length-1),e.unbindTexture()}P.depthBuffer&&Pn(P)}function F(P){let M=P.textures;for(let z=0,et=M.length;z<et;z++){let J=M[z];if(b(J)&&J.mipmapsAutoUpdate===!0){let st=S(P),ut=n.get(J).__webglTexture;e.bindTexture(st,ut),v(st),e.unbindTexture()}}}let Nn=[];function ye(P){if(P.samples>0){if(ft(P)===!1){let M=P.textures,z=P.width,et=P.height,J=s.COLOR_BUFFER_BIT,st=P.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,ut=n.get(P),$=M.length>1;if($)for(let ot=0;ot<M.length;ot++)e.bindFramebuffer(s.FRAMEBUFFER,ut.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+ot,s.RENDERBUFFER,null),e.bindFramebuffer(s.FRAMEBUFFER,ut.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+ot,s.TEXTURE_2D,null,0);e.bindFramebuffer(s.READ_FRAMEBUFFER,ut.__webglMultisampledFramebuffer),P.texture.mipmaps.length>0?e.bindFramebuffer(s.DRAW_FRAMEBUFFER,ut.__webglFramebuffer[0]):e.bindFramebuffer(s.DRAW_FRAMEBUFFER,ut.__webglFramebuffer);for(let ot=0;ot<M.length;ot++){if(P.resolveDepthBuffer&&(P.depthBuffer&&(J|=s.DEPTH_BUFFER_BIT),P.stencilBuffer&&P.resolveStencilBuffer&&(J|=s.STENCIL_BUFFER_BIT)),$){s.framebufferRenderbuffer(s.READ_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.RENDERBUFFER,ut.__webglColorRenderbuffer[ot]);let D=n.get(M[ot]).__webglTexture;s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,D,0)}s.blitFramebuffer(0,0,z,et,0,0,z,et,J,s.NEAREST),l===!0&&(Nn.length=0,Nn.push(s.COLOR_ATTACHMENT0+ot),P.depthBuffer&&P.storeMultisampledDepthBuffer===!1&&Nn.push(st),s.invalidateFramebuffer(s.READ_FRAMEBUFFER,Nn))}if(e.bindFramebuffer(s.READ_FRAMEBUFFER,null),e.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),$)for(let ot=0;ot<M.length;ot++){e.bindFramebuffer(s.FRAMEBUFFER,ut.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+ot,s.RENDERBUFFER,ut.__webglColorRenderbuffer[ot]);let D=n.get(M[ot]).__webglTexture;e.bindFramebuffer(s.FRAMEBUFFER,ut.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+ot,s.TEXTURE_2D,D,0)}e.bindFramebuffer(s.DRAW_FRAMEBUFFER,ut.__webglMultisampledFramebuffer)}else if(P.depthBuffer&&P.storeMultisampledDepthBuffer===!1&&l){let M=P.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;s.invalidateFramebuffer(s.DRAW_FRAMEBUFFER,[M])}}}function xe(P){return Math.min(i.maxSamples,P.samples)}function ft(P){let M=n.get(P);return P.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&M.__useRenderToTexture!==!1}function Oe(P){let M=o.render.frame;h.get(P)!==M&&(h.set(P,M),P.update())}function It(P,M){let z=P.colorSpace,et=P.format,J=P.type;return P.isCompressedTexture===!0||P.isVideoTexture===!0||z!==eo&&z!==Ci&&($t.getTransfer(z)===ie?(et!==jn||J!==yn)&&Rt("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):Lt("WebGLTextures: Unsupported texture color space:",z)),M}function kt(P){return typeof HTMLImageElement<"u"&&P instanceof HTMLImageElement?(c.width=P.naturalWidth||P.width,c.height=P.naturalHeight||P.height):typeof VideoFrame<"u"&&P instanceof VideoFrame?(c.width=P.displayWidth,c.height=P.displayHeight):(c.width=P.width,c.height=P.height),c}this.allocateTextureUnit=Nt,this.resetTextureUnits=j,this.getTextureUnits=Q,this.setTextureUnits=_t,this.setTexture2D=ht,this.setTexture2DArray=xt,this.setTexture3D=Ct,this.setTextureCube=pt,this.rebindTextures=In,this.setupRenderTarget=Ln,this.updateRenderTargetMipmap=F,this.updateMultisampleRenderTarget=ye,this.setupDepthRenderbuffer=Pn,this.setupFrameBufferTexture=ve,this.useMultisampledRTT=ft,this.dispose=k}function Bw(s,t){function e(n,i=Ci){let r,o=$t.getTransfer(i);if(n===yn)return s.UNSIGNED_BYTE;if(n===El)return s.UNSIGNED_SHORT_4_4_4_4;if(n===Tl)return s.UNSIGNED_SHORT_5_5_5_1;if(n===Ru)return s.UNSIGNED_INT_5_9_9_9_REV;if(n===Pu)return s.UNSIGNED_INT_10F_11F_11F_REV;if(n===Au)return s.BYTE;if(n===Cu)return s.SHORT;if(n===gr)return s.UNSIGNED_SHORT;if(n===Ml)return s.INT;if(n===Kn)return s.UNSIGNED_INT;if(n===Bn)return s.FLOAT;if(n===Jn)return s.HALF_FLOAT;if(n===Iu)return s.ALPHA;if(n===Lu)return s.RGB;if(n===jn)return s.RGBA;if(n===Si)return s.DEPTH_COMPONENT;if(n===Ai)return s.DEPTH_STENCIL;if(n===Al)return s.RED;if(n===Cl)return s.RED_INTEGER;if(n===qi)return s.RG;if(n===Rl)return s.RG_INTEGER;if(n===Pl)return s.RGBA_INTEGER;if(n===Ro||n===Po||n===Io||n===Lo)if(o===ie)if(r=t.get("WEBGL_compressed_texture_s3tc_srgb"),r!==null){if(n===Ro)return r.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(n===Po)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(n===Io)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(n===Lo)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(r=t.get("WEBGL_compressed_texture_s3tc"),r!==null){if(n===Ro)return r.COMPRESSED_RGB_S3TC_DXT1_EXT;if(n===Po)return r.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(n===Io)return r.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(n===Lo)return r.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(n===Il||n===Ll||n===Nl||n===Dl)if(r=t.get("WEBGL_compressed_texture_pvrtc"),r!==null){if(n===Il)return r.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(n===Ll)return r.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(n===Nl)return r.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(n===Dl)return r.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(n===Ul||n===Ol||n===Fl||n===kl||n===Bl||n===No||n===zl)if(r=t.get("WEBGL_compressed_texture_etc"),r!==null){if(n===Ul||n===Ol)return o===ie?r.COMPRESSED_SRGB8_ETC2:r.COMPRESSED_RGB8_ETC2;if(n===Fl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:r.COMPRESSED_RGBA8_ETC2_EAC;if(n===kl)return r.COMPRESSED_R11_EAC;if(n===Bl)return r.COMPRESSED_SIGNED_R11_EAC;if(n===No)return r.COMPRESSED_RG11_EAC;if(n===zl)return r.COMPRESSED_SIGNED_RG11_EAC}else return null;if(n===Vl||n===Hl||n===Gl||n===Wl||n===ql||n===Xl||n===$l||n===Yl||n===Zl||n===Kl||n===Jl||n===jl||n===Ql||n===tc)if(r=t.get("WEBGL_compressed_texture_astc"),r!==null){if(n===Vl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:r.COMPRESSED_RGBA_ASTC_4x4_KHR;if(n===Hl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:r.COMPRESSED_RGBA_ASTC_5x4_KHR;if(n===Gl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:r.COMPRESSED_RGBA_ASTC_5x5_KHR;if(n===Wl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:r.COMPRESSED_RGBA_ASTC_6x5_KHR;if(n===ql)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:r.COMPRESSED_RGBA_ASTC_6x6_KHR;if(n===Xl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:r.COMPRESSED_RGBA_ASTC_8x5_KHR;if(n===$l)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:r.COMPRESSED_RGBA_ASTC_8x6_KHR;if(n===Yl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:r.COMPRESSED_RGBA_ASTC_8x8_KHR;if(n===Zl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:r.COMPRESSED_RGBA_ASTC_10x5_KHR;if(n===Kl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:r.COMPRESSED_RGBA_ASTC_10x6_KHR;if(n===Jl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:r.COMPRESSED_RGBA_ASTC_10x8_KHR;if(n===jl)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:r.COMPRESSED_RGBA_ASTC_10x10_KHR;if(n===Ql)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:r.COMPRESSED_RGBA_ASTC_12x10_KHR;if(n===tc)return o===ie?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:r.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(n===ec||n===nc||n===ic)if(r=t.get("EXT_texture_compression_bptc"),r!==null){if(n===ec)return o===ie?r.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:r.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(n===nc)return r.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(n===ic)return r.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(n===sc||n===rc||n===Do||n===oc)if(r=t.get("EXT_texture_compression_rgtc"),r!==null){if(n===sc)return r.COMPRESSED_RED_RGTC1_EXT;if(n===rc)return r.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(n===Do)return r.COMPRESSED_RED_GREEN_RGTC2_EXT;if(n===oc)return r.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return n===ws?s.UNSIGNED_INT_24_8:s[n]!==void 0?s[n]:null}return{convert:e}}var zw=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,Vw=`
uniform sampler2DArray depthColor;
uniform float depthWidth;
uniform float depthHeight;

void main() {

	vec2 coord = vec2( gl_FragCoord.x / depthWidth, gl_FragCoord.y / depthHeight );

	if ( coord.x >= 1.0 ) {

		gl_FragDepth = texture( depthColor, vec3( coord.x - 1.0, coord.y, 1 ) ).r;

	} else {

		gl_FragDepth = texture( depthColor, vec3( coord.x, coord.y, 0 ) ).r;

	}

}`,ed=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(t,e){if(this.texture===null){let n=new uo(t.texture);(t.depthNear!==e.depthNear||t.depthFar!==e.depthFar)&&(this.depthNear=t.depthNear,this.depthFar=t.depthFar),this.texture=n}}getMesh(t){if(this.texture!==null&&this.mesh===null){let e=t.cameras[0].viewport,n=new oi({vertexShader:zw,fragmentShader:Vw,uniforms:{depthColor:{value:this.texture},depthWidth:{value:e.z},depthHeight:{value:e.w}}});this.mesh=new pe(new xo(20,20),n)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},nd=class extends $n{constructor(t,e){super();let n=this,i=null,r=1,o=null,a="local-floor",l=1,c=null,h=null,u=null,d=null,f=null,p=null,y=typeof XRWebGLBinding<"u",m=new ed,g={},_=e.getContextAttributes(),b=null,v=null,S=[],T=[],x=new ct,w=null,N=null,C=new ln;C.viewport=new _e;let L=new ln;L.viewport=new _e;let R=[C,L],U=new _l,I=null,k=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(Z){let ht=S[Z];return ht===void 0&&(ht=new er,S[Z]=ht),ht.getTargetRaySpace()},this.getControllerGrip=function(Z){let ht=S[Z];return ht===void 0&&(ht=new er,S[Z]=ht),ht.getGripSpace()},this.getHand=function(Z){let ht=S[Z];return ht===void 0&&(ht=new er,S[Z]=ht),ht.getHandSpace()};function H(Z){let ht=T.indexOf(Z.inputSource);if(ht===-1)return;let xt=S[ht];xt!==void 0&&(xt.update(Z.inputSource,Z.frame,c||o),xt.dispatchEvent({type:Z.type,data:Z.inputSource}))}function G(){i.removeEventListener("select",H),i.removeEventListener("selectstart",H),i.removeEventListener("selectend",H),i.removeEventListener("squeeze",H),i.removeEventListener("squeezestart",H),i.removeEventListener("squeezeend",H),i.removeEventListener("end",G),i.removeEventListener("inputsourceschange",tt);for(let Z=0;Z<S.length;Z++){let ht=T[Z];ht!==null&&(T[Z]=null,S[Z].disconnect(ht))}I=null,k=null,m.reset();for(let Z in g)delete g[Z];if(t.setRenderTarget(b),f=null,d=null,u=null,i=null,v=null,Nt.stop(),n.isPresenting=!1,t.setPixelRatio(w),t.setSize(x.width,x.height,!1),N!==null){let Z=N.camera;Z.fov=N.fov,Z.zoom=N.zoom,Z.updateProjectionMatrix(),N=null}n.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(Z){r=Z,n.isPresenting===!0&&Rt("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(Z){a=Z,n.isPresenting===!0&&Rt("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return c||o},this.setReferenceSpace=function(Z){c=Z},this.getBaseLayer=function(){return d!==null?d:f},this.getBinding=function(){return u===null&&y&&(u=new XRWebGLBinding(i,e)),u},this.getFrame=function(){return p},this.getSession=function(){return i},this.setSession=async function(Z){if(i=Z,i!==null){if(b=t.getRenderTarget(),i.addEventListener("select",H),i.addEventListener("selectstart",H),i.addEventListener("selectend",H),i.addEventListener("squeeze",H),i.addEventListener("squeezestart",H),i.addEventListener("squeezeend",H),i.addEventListener("end",G),i.addEventListener("inputsourceschange",tt),_.xrCompatible!==!0&&await e.makeXRCompatible(),w=t.getPixelRatio(),t.getSize(x),y&&"createProjectionLayer"in XRWebGLBinding.prototype){let xt=null,Ct=null,pt=null;_.depth&&(pt=_.stencil?e.DEPTH24_STENCIL8:e.DEPTH_COMPONENT24,xt=_.stencil?Ai:Si,Ct=_.stencil?ws:Kn);let Ft={colorFormat:e.RGBA8,depthFormat:pt,scaleFactor:r};u=this.getBinding(),d=u.createProjectionLayer(Ft),i.updateRenderState({layers:[d]}),t.setPixelRatio(1),t.setSize(d.textureWidth,d.textureHeight,!1),v=new Sn(d.textureWidth,d.textureHeight,{format:jn,type:yn,depthTexture:new Ei(d.textureWidth,d.textureHeight,Ct,void 0,void 0,void 0,void 0,void 0,void 0,xt),stencilBuffer:_.stencil,colorSpace:t.outputColorSpace,samples:_.antialias?4:0,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}else{let xt={antialias:_.antialias,alpha:!0,depth:_.depth,stencil:_.stencil,framebufferScaleFactor:r};f=new XRWebGLLayer(i,e,xt),i.updateRenderState({baseLayer:f}),t.setPixelRatio(1),t.setSize(f.framebufferWidth,f.framebufferHeight,!1),v=new Sn(f.framebufferWidth,f.framebufferHeight,{format:jn,type:yn,colorSpace:t.outputColorSpace,stencilBuffer:_.stencil,resolveDepthBuffer:f.ignoreDepthValues===!1,resolveStencilBuffer:f.ignoreDepthValues===!1,storeMultisampledDepthBuffer:f.ignoreDepthValues===!1,storeMultisampledStencilBuffer:f.ignoreDepthValues===!1})}v.isXRRenderTarget=!0,this.setFoveation(l),c=null,o=await i.requestReferenceSpace(a),Nt.setContext(i),Nt.start(),n.isPresenting=!0,n.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return m.getDepthTexture()};function tt(Z){for(let ht=0;ht<Z.removed.length;ht++){let xt=Z.removed[ht],Ct=T.indexOf(xt);Ct>=0&&(T[Ct]=null,S[Ct].disconnect(xt))}for(let ht=0;ht<Z.added.length;ht++){let xt=Z.added[ht],Ct=T.indexOf(xt);if(Ct===-1){for(let Ft=0;Ft<S.length;Ft++)if(Ft>=T.length){T.push(xt),Ct=Ft;break}else if(T[Ft]===null){T[Ft]=xt,Ct=Ft;break}if(Ct===-1)break}let pt=S[Ct];pt&&pt.connect(xt)}}function q(Z,ht){ht===null?Z.matrixWorld.copy(Z.matrix):Z.matrixWorld.multiplyMatrices(ht.matrixWorld,Z.matrix),Z.matrixWorldInverse.copy(Z.matrixWorld).invert()}this.updateCamera=function(Z){if(i===null)return;let ht=Z.near,xt=Z.far;m.texture!==null&&(m.depthNear>0&&(ht=m.depthNear),m.depthFar>0&&(xt=m.depthFar)),U.near=L.near=C.near=ht,U.far=L.far=C.far=xt,(I!==U.near||k!==U.far)&&(i.updateRenderState({depthNear:U.near,depthFar:U.far}),I=U.near,k=U.far),U.layers.mask=Z.layers.mask|6,C.layers.mask=U.layers.mask&-5,L.layers.mask=U.layers.mask&-3;let Ct=Z.parent,pt=U.cameras;q(U,Ct);for(let Ft=0;Ft<pt.length;Ft++)q(pt[Ft],Ct);U.projectionMatrix.copy(C.projectionMatrix),U.projectionMatrixInverse.copy(C.projectionMatrixInverse),N===null&&Z.isPerspectiveCamera&&(N={camera:Z,fov:Z.fov,zoom:Z.zoom}),j(Z,U,Ct)};function j(Z,ht,xt){xt===null?Z.matrix.copy(ht.matrixWorld):(Z.matrix.copy(xt.matrixWorld),Z.matrix.invert(),Z.matrix.multiply(ht.matrixWorld)),Z.matrix.decompose(Z.position,Z.quaternion,Z.scale),Z.updateMatrixWorld(!0),Z.projectionMatrix.copy(ht.projectionMatrix),Z.projectionMatrixInverse.copy(ht.projectionMatrixInverse),Z.isPerspectiveCamera&&(Z.fov=js*2*Math.atan(1/Z.projectionMatrix.elements[5]),Z.zoom=1)}this.getCamera=function(){return U},this.getFoveation=function(){if(!(d===null&&f===null))return l},this.setFoveation=function(Z){l=Z,d!==null&&(d.fixedFoveation=Z),f!==null&&f.fixedFoveation!==void 0&&(f.fixedFoveation=Z)},this.hasDepthSensing=function(){return m.texture!==null},this.getDepthSensingMesh=function(){return m.getMesh(U)},this.getCameraTexture=function(Z){return g[Z]};let Q=null;function _t(Z,ht){if(h=ht.getViewerPose(c||o),p=ht,h!==null){let xt=h.views;f!==null&&(t.setRenderTargetFramebuffer(v,f.framebuffer),t.setRenderTarget(v));let Ct=!1;xt.length!==U.cameras.length&&(U.cameras.length=0,Ct=!0);for(let Pt=0;Pt<xt.length;Pt++){let Kt=xt[Pt],ce=null;if(f!==null)ce=f.getViewport(Kt);else{let Ye=u.getViewSubImage(d,Kt);ce=Ye.viewport,Pt===0&&(t.setRenderTargetTextures(v,Ye.colorTexture,Ye.depthStencilTexture),t.setRenderTarget(v))}let Wt=R[Pt];Wt===void 0&&(Wt=new ln,Wt.layers.enable(Pt),Wt.viewport=new _e,R[Pt]=Wt),Wt.matrix.fromArray(Kt.transform.matrix),Wt.matrix.decompose(Wt.position,Wt.quaternion,Wt.scale),Wt.projectionMatrix.fromArray(Kt.projectionMatrix),Wt.projectionMatrixInverse.copy(Wt.projectionMatrix).invert(),Wt.viewport.set(ce.x,ce.y,ce.width,ce.height),Pt===0&&(U.matrix.copy(Wt.matrix),U.matrix.decompose(U.position,U.quaternion,U.scale)),Ct===!0&&U.cameras.push(Wt)}let pt=i.enabledFeatures;if(pt&&pt.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&y){u=n.getBinding();let Pt=u.getDepthInformation(xt[0]);Pt&&Pt.isValid&&Pt.texture&&m.init(Pt,i.renderState)}if(pt&&pt.includes("camera-access")&&y){t.state.unbindTexture(),u=n.getBinding();for(let Pt=0;Pt<xt.length;Pt++){let Kt=xt[Pt].camera;if(Kt){let ce=g[Kt];ce||(ce=new uo,g[Kt]=ce);let Wt=u.getCameraImage(Kt);ce.sourceTexture=Wt}}}}for(let xt=0;xt<S.length;xt++){let Ct=T[xt],pt=S[xt];Ct!==null&&pt!==void 0&&pt.update(Ct,ht,c||o)}Q&&Q(Z,ht),ht.detectedPlanes&&n.dispatchEvent({type:"planesdetected",data:ht}),p=null}let Nt=new _m;Nt.setAnimationLoop(_t),this.setAnimationLoop=function(Z){Q=Z},this.dispose=function(){}}},Hw=new St,Rm=new Ut;Rm.set(-1,0,0,0,1,0,0,0,1);function Gw(s,t){function e(m,g){m.matrixAutoUpdate===!0&&m.updateMatrix(),g.value.copy(m.matrix)}function n(m,g){g.color.getRGB(m.fogColor.value,Gu(s)),g.isFog?(m.fogNear.value=g.near,m.fogFar.value=g.far):g.isFogExp2&&(m.fogDensity.value=g.density)}function i(m,g,_,b,v){g.isNodeMaterial?g.uniformsNeedUpdate=!1:g.isMeshBasicMaterial?r(m,g):g.isMeshLambertMaterial?(r(m,g),g.envMap&&(m.envMapIntensity.value=g.envMapIntensity)):g.isMeshToonMaterial?(r(m,g),u(m,g)):g.isMeshPhongMaterial?(r(m,g),h(m,g),g.envMap&&(m.envMapIntensity.value=g.envMapIntensity)):g.isMeshStandardMaterial?(r(m,g),d(m,g),g.isMeshPhysicalMaterial&&f(m,g,v)):g.isMeshMatcapMaterial?(r(m,g),p(m,g)):g.isMeshDepthMaterial?r(m,g):g.isMeshDistanceMaterial?(r(m,g),y(m,g)):g.isMeshNormalMaterial?r(m,g):g.isLineBasicMaterial?(o(m,g),g.isLineDashedMaterial&&a(m,g)):g.isPointsMaterial?l(m,g,_,b):g.isSpriteMaterial?c(m,g):g.isShadowMaterial?(m.color.value.copy(g.color),m.opacity.value=g.opacity):g.isShaderMaterial&&(g.uniformsNeedUpdate=!1)}function r(m,g){m.opacity.value=g.opacity,g.color&&m.diffuse.value.copy(g.color),g.emissive&&m.emissive.value.copy(g.emissive).multiplyScalar(g.emissiveIntensity),g.map&&(m.map.value=g.map,e(g.map,m.mapTransform)),g.alphaMap&&(m.alphaMap.value=g.alphaMap,e(g.alphaMap,m.alphaMapTransform)),g.bumpMap&&(m.bumpMap.value=g.bumpMap,e(g.bumpMap,m.bumpMapTransform),m.bumpScale.value=g.bumpScale,g.side===Ke&&(m.bumpScale.value*=-1)),g.normalMap&&(m.normalMap.value=g.normalMap,e(g.normalMap,m.normalMapTransform),m.normalScale.value.copy(g.normalScale),g.side===Ke&&m.normalScale.value.negate()),g.displacementMap&&(m.displacementMap.value=g.displacementMap,e(g.displacementMap,m.displacementMapTransform),m.displacementScale.value=g.displacementScale,m.displacementBias.value=g.displacementBias),g.emissiveMap&&(m.emissiveMap.value=g.emissiveMap,e(g.emissiveMap,m.emissiveMapTransform)),g.specularMap&&(m.specularMap.value=g.specularMap,e(g.specularMap,m.specularMapTransform)),g.alphaTest>0&&(m.alphaTest.value=g.alphaTest);let _=t.get(g),b=_.envMap,v=_.envMapRotation;b&&(m.envMap.value=b,m.envMapRotation.value.setFromMatrix4(Hw.makeRotationFromEuler(v)).transpose(),b.isCubeTexture&&b.isRenderTargetTexture===!1&&m.envMapRotation.value.premultiply(Rm),m.reflectivity.value=g.reflectivity,m.ior.value=g.ior,m.refractionRatio.value=g.refractionRatio),g.lightMap&&(m.lightMap.value=g.lightMap,m.lightMapIntensity.value=g.lightMapIntensity,e(g.lightMap,m.lightMapTransform)),g.aoMap&&(m.aoMap.value=g.aoMap,m.aoMapIntensity.value=g.aoMapIntensity,e(g.aoMap,m.aoMapTransform))}function o(m,g){m.diffuse.value.copy(g.color),m.opacity.value=g.opacity,g.map&&(m.map.value=g.map,e(g.map,m.mapTransform))}function a(m,g){m.dashSize.value=g.dashSize,m.totalSize.value=g.dashSize+g.gapSize,m.scale.value=g.scale}function l(m,g,_,b){m.diffuse.value.copy(g.color),m.opacity.value=g.opacity,m.size.value=g.size*_,m.scale.value=b*.5,g.map&&(m.map.value=g.map,e(g.map,m.uvTransform)),g.alphaMap&&(m.alphaMap.value=g.alphaMap,e(g.alphaMap,m.alphaMapTransform)),g.alphaTest>0&&(m.alphaTest.value=g.alphaTest)}function c(m,g){m.diffuse.value.copy(g.color),m.opacity.value=g.opacity,m.rotation.value=g.rotation,g.map&&(m.map.value=g.map,e(g.map,m.mapTransform)),g.alphaMap&&(m.alphaMap.value=g.alphaMap,e(g.alphaMap,m.alphaMapTransform)),g.alphaTest>0&&(m.alphaTest.value=g.alphaTest)}function h(m,g){m.specular.value.copy(g.specular),m.shininess.value=Math.max(g.shininess,1e-4)}function u(m,g){g.gradientMap&&(m.gradientMap.value=g.gradientMap)}function d(m,g){m.metalness.value=g.metalness,g.metalnessMap&&(m.metalnessMap.value=g.metalnessMap,e(g.metalnessMap,m.metalnessMapTransform)),m.roughness.value=g.roughness,g.roughnessMap&&(m.roughnessMap.value=g.roughnessMap,e(g.roughnessMap,m.roughnessMapTransform)),g.envMap&&(m.envMapIntensity.value=g.envMapIntensity)}function f(m,g,_){m.ior.value=g.ior,g.diffuseRoughness>0&&(m.diffuseRoughness.value=g.diffuseRoughness,g.diffuseRoughnessMap&&(m.diffuseRoughnessMap.value=g.diffuseRoughnessMap,e(g.diffuseRoughnessMap,m.diffuseRoughnessMapTransform))),g.sheen>0&&(m.sheenColor.value.copy(g.sheenColor).multiplyScalar(g.sheen),m.sheenRoughness.value=g.sheenRoughness,g.sheenColorMap&&(m.sheenColorMap.value=g.sheenColorMap,e(g.sheenColorMap,m.sheenColorMapTransform)),g.sheenRoughnessMap&&(m.sheenRoughnessMap.value=g.sheenRoughnessMap,e(g.sheenRoughnessMap,m.sheenRoughnessMapTransform))),g.clearcoat>0&&(m.clearcoat.value=g.clearcoat,m.clearcoatRoughness.value=g.clearcoatRoughness,g.clearcoatMap&&(m.clearcoatMap.value=g.clearcoatMap,e(g.clearcoatMap,m.clearcoatMapTransform)),g.clearcoatRoughnessMap&&(m.clearcoatRoughnessMap.value=g.clearcoatRoughnessMap,e(g.clearcoatRoughnessMap,m.clearcoatRoughnessMapTransform)),g.clearcoatNormalMap&&(m.clearcoatNormalMap.value=g.clearcoatNormalMap,e(g.clearcoatNormalMap,m.clearcoatNormalMapTransform),m.clearcoatNormalScale.value.copy(g.clearcoatNormalScale),g.side===Ke&&m.clearcoatNormalScale.value.negate())),g.dispersion>0&&(m.dispersion.value=g.dispersion),g.retroreflectivity>0&&(m.retroreflectivity.value=g.retroreflectivity),g.iridescence>0&&(m.iridescence.value=g.iridescence,m.iridescenceIOR.value=g.iridescenceIOR,m.iridescenceThicknessMinimum.value=g.iridescenceThicknessMinimum,m.iridescenceThicknessMaximum.value=g.iridescenceThicknessMaximum,g.iridescenceMap&&(m.iridescenceMap.value=g.iridescenceMap,e(g.iridescenceMap,m.iridescenceMapTransform)),g.iridescenceThicknessMap&&(m.iridescenceThicknessMap.value=g.iridescenceThicknessMap,e(g.iridescenceThicknessMap,m.iridescenceThicknessMapTransform))),g.transmission>0&&(m.transmission.value=g.transmission,m.transmissionSamplerMap.value=_.texture,m.transmissionSamplerSize.value.set(_.width,_.height),g.transmissionMap&&(m.transmissionMap.value=g.transmissionMap,e(g.transmissionMap,m.transmissionMapTransform)),m.thickness.value=g.thickness,g.thicknessMap&&(m.thicknessMap.value=g.thicknessMap,e(g.thicknessMap,m.thicknessMapTransform)),m.attenuationDistance.value=g.attenuationDistance,m.attenuationColor.value.copy(g.attenuationColor)),g.anisotropy>0&&(m.anisotropyVector.value.set(g.anisotropy*Math.cos(g.anisotropyRotation),g.anisotropy*Math.sin(g.anisotropyRotation)),g.anisotropyMap&&(m.anisotropyMap.value=g.anisotropyMap,e(g.anisotropyMap,m.anisotropyMapTransform))),m.specularIntensity.value=g.specularIntensity,m.specularColor.value.copy(g.specularColor),g.specularColorMap&&(m.specularColorMap.value=g.specularColorMap,e(g.specularColorMap,m.specularColorMapTransform)),g.specularIntensityMap&&(m.specularIntensityMap.value=g.specularIntensityMap,e(g.specularIntensityMap,m.specularIntensityMapTransform))}function p(m,g){g.matcap&&(m.matcap.value=g.matcap)}function y(m,g){let _=t.get(g).light;m.referencePosition.value.setFromMatrixPosition(_.matrixWorld),m.nearDistance.value=_.shadow.camera.near,m.farDistance.value=_.shadow.camera.far}return{refreshFogUniforms:n,refreshMaterialUniforms:i}}function Ww(s,t,e,n){let i={},r={};function o(_,b){let v=b.program;n.uniformBlockBinding(_,v,i[_.id])}function a(_,b){let v=i[_.id];v===void 0&&(p(_),v=l(_),i[_.id]=v,_.addEventListener("dispose",m));let S=b.program;n.updateUBOMapping(_,S);let T=t.render.frame;r[_.id]!==T&&(c(_),r[_.id]=T)}function l(_){let b=s.createBuffer(),v=_.__size,S=_.usage;return s.bindBuffer(s.UNIFORM_BUFFER,b),s.bufferData(s.UNIFORM_BUFFER,v,S),s.bindBuffer(s.UNIFORM_BUFFER,null),b}function c(_){let b=i[_.id],v=_.uniforms,S=_.__cache;s.bindBuffer(s.UNIFORM_BUFFER,b);for(let T=0,x=v.length;T<x;T++){let w=v[T];if(Array.isArray(w))for(let N=0,C=w.length;N<C;N++)h(w[N],T,N,S);else h(w,T,0,S)}s.bindBuffer(s.UNIFORM_BUFFER,null)}function h(_,b,v,S){if(d(_,b,v,S)===!0){let T=_.__offset,x=_.value;if(Array.isArray(x)){let w=0;for(let N=0;N<x.length;N++){let C=x[N],L=y(C,!0);u(C,_.__data,w),w+=L.storage/Float32Array.BYTES_PER_ELEMENT}}else u(x,_.__data,0);s.bufferSubData(s.UNIFORM_BUFFER,T,_.__data)}}function u(_,b,v){typeof _=="number"||typeof _=="boolean"?b[v]=_:_.isMatrix3?(b[v]=_.elements[0],b[v+1]=_.elements[1],b[v+2]=_.elements[2],b[v+3]=0,b[v+4]=_.elements[3],b[v+5]=_.elements[4],b[v+6]=_.elements[5],b[v+7]=0,b[v+8]=_.elements[6],b[v+9]=_.elements[7],b[v+10]=_.elements[8],b[v+11]=0):ArrayBuffer.isView(_)?b.set(_.subarray(0,b.length-v),v):_.toArray(b,v)}function d(_,b,v,S){let T=_.value,x=b+"_"+v;if(Array.isArray(T)){S[x]===void 0&&(S[x]=[]);let w=S[x],N=!1;for(let C=0;C<T.length;C++)f(T[C],w,C)===!0&&(N=!0);return N}return f(T,S,x)}function f(_,b,v){if(b[v]===void 0)return typeof _=="number"||typeof _=="boolean"?b[v]=_:ArrayBuffer.isView(_)?b[v]=_.slice():b[v]=_.clone(),!0;{let S=b[v];if(typeof _=="number"||typeof _=="boolean"){if(S!==_)return b[v]=_,!0}else{if(ArrayBuffer.isView(_))return!0;if(S.equals(_)===!1)return S.copy(_),!0}}return!1}function p(_){let b=_.uniforms,v=0,S=16;for(let x=0,w=b.length;x<w;x++){let N=Array.isArray(b[x])?b[x]:[b[x]];for(let C=0,L=N.length;C<L;C++){let R=N[C],U=Array.isArray(R.value)?R.value:[R.value],I=Array.isArray(b[x])||Array.isArray(R.value),k=v;for(let G=0,tt=U.length;G<tt;G++){let q=U[G],j=y(q,I),Q=v%S,_t=Q%j.boundary,Nt=Q+_t;v+=_t,Nt!==0&&S-Nt<j.storage&&(v+=S-Nt),G===0&&(k=v),v+=j.storage}let H=R.type==="int"?Int32Array:R.type==="uint"?Uint32Array:Float32Array;R.__data=new H((v-k)/Float32Array.BYTES_PER_ELEMENT),R.__offset=k}}let T=v%S;return T>0&&(v+=S-T),_.__size=v,_.__cache={},this}function y(_,b){let v={boundary:0,storage:0};return typeof _=="number"||typeof _=="boolean"?(v.boundary=4,v.storage=4):_.isVector2?(v.boundary=8,v.storage=8):_.isVector3||_.isColor?(v.boundary=16,v.storage=12):_.isVector4?(v.boundary=16,v.storage=16):_.isMatrix3?(v.boundary=16,v.storage=48):_.isMatrix4?(v.boundary=16,v.storage=64):_.isTexture?Rt("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(_)?(v.boundary=16,v.storage=_.byteLength):Rt("WebGLRenderer: Unsupported uniform value type.",_),b===!0&&(v.boundary=16,v.storage=Math.ceil(v.storage/16)*16),v}function m(_){let b=_.target;b.removeEventListener("dispose",m),s.deleteBuffer(i[b.id]),delete i[b.id],delete r[b.id]}function g(){for(let _ in i)s.deleteBuffer(i[_]);i={},r={}}return{bind:o,update:a,dispose:g}}var qw=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),li=null;function Xw(){return li===null&&(li=new ao(qw,16,16,qi,Jn),li.name="DFG_LUT",li.minFilter=cn,li.magFilter=cn,li.wrapS=si,li.wrapT=si,li.generateMipmaps=!1,li.needsUpdate=!0),li}var uc=class{constructor(t={}){let{canvas:e=kp(),context:n=null,depth:i=!0,stencil:r=!1,alpha:o=!1,antialias:a=!1,premultipliedAlpha:l=!0,preserveDrawingBuffer:c=!1,powerPreference:h="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:d=!1,outputBufferType:f=yn}=t;this.isWebGLRenderer=!0;let p;if(n!==null){if(typeof WebGLRenderingContext<"u"&&n instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");p=n.getContextAttributes().alpha}else p=o;let y=f,m=new Set([Pl,Rl,Cl]),g=new Set([yn,Kn,gr,ws,El,Tl]),_=new Uint32Array(4),b=new Int32Array(4),v={textures:[],min:[],max:[],resolution:[]},S=null,T=null,x=[],w=[],N=null;this.domElement=e,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=ai,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let C=this,L=!1,R=null,U=null,I=null,k=null;this._outputColorSpace=nn;let H=0,G=0,tt=null,q=-1,j=null,Q=new _e,_t=new _e,Nt=null,Z=new Ot(0),ht=0,xt=e.width,Ct=e.height,pt=1,Ft=null,Me=null,Pt=new _e(0,0,xt,Ct),Kt=new _e(0,0,xt,Ct),ce=!1,Wt=new zi,Ye=new Za,Ue=!1,mn=!1,ve=new St,ni=new A,Ve=new _e,Pn={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},In=!1;function Ln(){return tt===null?pt:1}let F=n;function Nn(E,O){return e.getContext(E,O)}let ye,xe,ft,Oe,It,kt,P,M,z,et,J,st,ut,$,Y,ot,D,K,X,at,it,rt,Tt;try{let E={alpha:!0,depth:i,stencil:r,antialias:a,premultipliedAlpha:l,preserveDrawingBuffer:c,powerPreference:h,failIfMajorPerformanceCaveat:u};if("setAttribute"in e&&e.setAttribute("data-engine",`three.js r${"187"}`),e.addEventListener("webglcontextlost",At,!1),e.addEventListener("webglcontextrestored",zt,!1),e.addEventListener("webglcontextcreationerror",mt,!1),F===null){let O="webgl2";if(F=Nn(O,E),F===null)throw Nn(O)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Vt()}catch(E){throw e.removeEventListener("webglcontextlost",At,!1),e.removeEventListener("webglcontextrestored",zt,!1),e.removeEventListener("webglcontextcreationerror",mt,!1),Lt("WebGLRenderer: "+E.message),E}function Vt(){ye=new ib(F),ye.init(),it=new Bw(F,ye),xe=new Xv(F,ye,t,it),ft=new Fw(F,ye),xe.reversedDepthBuffer&&d&&ft.buffers.depth.setReversed(!0),U=F.createFramebuffer(),I=F.createFramebuffer(),k=F.createFramebuffer(),Oe=new ob(F),It=new Sw,kt=new kw(F,ye,ft,It,xe,it,Oe),P=new nb(C),M=new lx(F),rt=new Wv(F,M),z=new sb(F,M,Oe,rt),et=new lb(F,z,M,rt,Oe),K=new ab(F,xe,kt),Y=new $v(It),J=new ww(C,P,ye,xe,rt,Y),st=new Gw(C,It),ut=new Ew,$=new Iw(ye),D=new Gv(C,P,ft,et,p,l),ot=new Ow(C,et,xe),Tt=new Ww(F,Oe,xe,ft),X=new qv(F,ye,Oe),at=new rb(F,ye,Oe),Oe.programs=J.programs,C.capabilities=xe,C.extensions=ye,C.properties=It,C.renderLists=ut,C.shadowMap=ot,C.state=ft,C.info=Oe}y!==yn&&(N=new hb(y,e.width,e.height,a,i,r));let nt=new nd(C,F);this.xr=nt,this.getContext=function(){return F},this.getContextAttributes=function(){return F.getContextAttributes()},this.forceContextLoss=function(){let E=ye.get("WEBGL_lose_context");E&&E.loseContext()},this.forceContextRestore=function(){let E=ye.get("WEBGL_lose_context");E&&E.restoreContext()},this.getPixelRatio=function(){return pt},this.setPixelRatio=function(E){E!==void 0&&(pt=E,this.setSize(xt,Ct,!1))},this.getSize=function(E){return E.set(xt,Ct)},this.setSize=function(E,O,W=!0){if(nt.isPresenting){Rt("WebGLRenderer: Can't change size while VR device is presenting.");return}xt=E,Ct=O,e.width=Math.floor(E*pt),e.height=Math.floor(O*pt),W===!0&&(e.style.width=E+"px",e.style.height=O+"px"),N!==null&&N.setSize(e.width,e.height),this.setViewport(0,0,E,O)},this.getDrawingBufferSize=function(E){return E.set(xt*pt,Ct*pt).floor()},this.setDrawingBufferSize=function(E,O,W){xt=E,Ct=O,pt=W,e.width=Math.floor(E*W),e.height=Math.floor(O*W),this.setViewport(0,0,E,O)},this.setEffects=function(E){if(y===yn){Lt("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(E){for(let O=0;O<E.length;O++)if(E[O].isOutputPass===!0){Rt("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}N.setEffects(E||[])},this.getCurrentViewport=function(E){return E.copy(Q)},this.getViewport=function(E){return E.copy(Pt)},this.setViewport=function(E,O,W,B){E.isVector4?Pt.set(E.x,E.y,E.z,E.w):Pt.set(E,O,W,B),ft.viewport(Q.copy(Pt).multiplyScalar(Ln()).round())},this.getScissor=function(E){return E.copy(Kt)},this.setScissor=function(E,O,W,B){E.isVector4?Kt.set(E.x,E.y,E.z,E.w):Kt.set(E,O,W,B),ft.scissor(_t.copy(Kt).multiplyScalar(Ln()).round())},this.getScissorTest=function(){return ce},this.setScissorTest=function(E){ft.setScissorTest(ce=E)},this.setOpaqueSort=function(E){Ft=E},this.setTransparentSort=function(E){Me=E},this.getClearColor=function(E){return E.copy(D.getClearColor())},this.setClearColor=function(){D.setClearColor(...arguments)},this.getClearAlpha=function(){return D.getClearAlpha()},this.setClearAlpha=function(){D.setClearAlpha(...arguments)},this.clear=function(E=!0,O=!0,W=!0){let B=0;if(E){let V=!1;if(tt!==null){let dt=tt.texture.format;V=m.has(dt)}if(V){let dt=tt.texture.type,vt=g.has(dt),lt=D.getClearColor(),yt=D.getClearAlpha(),Et=lt.r,Bt=lt.g,qt=lt.b;vt?(_[0]=Et,_[1]=Bt,_[2]=qt,_[3]=yt,F.clearBufferuiv(F.COLOR,0,_)):(b[0]=Et,b[1]=Bt,b[2]=qt,b[3]=yt,F.clearBufferiv(F.COLOR,0,b))}else B|=F.COLOR_BUFFER_BIT}O&&(B|=F.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),W&&(B|=F.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),B!==0&&F.clear(B)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(E){E.setRenderer(this),R=E},this.dispose=function(){e.removeEventListener("webglcontextlost",At,!1),e.removeEventListener("webglcontextrestored",zt,!1),e.removeEventListener("webglcontextcreationerror",mt,!1),D.dispose(),ut.dispose(),$.dispose(),kt.dispose(),It.dispose(),P.dispose(),et.dispose(),z.dispose(),rt.dispose(),Tt.dispose(),J.dispose(),nt.dispose(),nt.removeEventListener("sessionstart",tf),nt.removeEventListener("sessionend",ef),es.stop()};function At(E){E.preventDefault(),Fu("WebGLRenderer: Context Lost."),L=!0}function zt(){Fu("WebGLRenderer: Context Restored."),L=!1;let E=Oe.autoReset,O=ot.enabled,W=ot.autoUpdate,B=ot.needsUpdate,V=ot.type;Vt(),Oe.autoReset=E,ot.enabled=O,ot.autoUpdate=W,ot.needsUpdate=B,ot.type=V}function mt(E){Lt("WebGLRenderer: A WebGL context could not be created. Reason: ",E.statusMessage)}function ae(E){let O=E.target;O.removeEventListener("dispose",ae),He(O)}function He(E){Li(E),It.remove(E)}function Li(E){let O=It.get(E).programs;O!==void 0&&(O.forEach(function(W){J.releaseProgram(W)}),E.isShaderMaterial&&J.releaseShaderCache(E))}this.renderBufferDirect=function(E,O,W,B,V,dt){O===null&&(O=Pn);let vt=V.isMesh&&V.matrixWorld.determinantAffine()<0,lt=My(E,O,W,B,V);ft.setMaterial(B,vt);let yt=W.index,Et=1;if(B.wireframe===!0){if(yt=z.getWireframeAttribute(W),yt===void 0)return;Et=2}let Bt=W.drawRange,qt=W.attributes.position,bt=Bt.start*Et,Xt=(Bt.start+Bt.count)*Et;dt!==null&&(bt=Math.max(bt,dt.start*Et),Xt=Math.min(Xt,(dt.start+dt.count)*Et)),yt!==null?(bt=Math.max(bt,0),Xt=Math.min(Xt,yt.count)):qt!=null&&(bt=Math.max(bt,0),Xt=Math.min(Xt,qt.count));let Pe=Xt-bt;if(Pe<0||Pe===1/0)return;rt.setup(V,B,lt,W,yt);let fe,he=X;if(yt!==null&&(fe=M.get(yt),he=at,he.setIndex(fe)),V.isMesh)B.wireframe===!0?(ft.setLineWidth(B.wireframeLinewidth*Ln()),he.setMode(F.LINES)):he.setMode(F.TRIANGLES);else if(V.isLine){let je=B.linewidth;je===void 0&&(je=1),ft.setLineWidth(je*Ln()),V.isLineSegments?he.setMode(F.LINES):V.isLineLoop?he.setMode(F.LINE_LOOP):he.setMode(F.LINE_STRIP)}else V.isPoints?he.setMode(F.POINTS):V.isSprite&&he.setMode(F.TRIANGLES);if(V.isBatchedMesh)if(ye.get("WEBGL_multi_draw"))he.renderMultiDraw(V._multiDrawStarts,V._multiDrawCounts,V._multiDrawCount);else{let je=V._multiDrawStarts,wt=V._multiDrawCounts,an=V._multiDrawCount,Qt=yt?M.get(yt).bytesPerElement:1,ns=It.get(B).currentProgram.getUniforms();for(let Qe=0;Qe<an;Qe++)ns.setValue(F,"_gl_DrawID",Qe),he.render(je[Qe]/Qt,wt[Qe])}else if(V.isInstancedMesh)he.renderInstances(bt,Pe,V.count);else if(W.isInstancedBufferGeometry){let je=W._maxInstanceCount!==void 0?W._maxInstanceCount:1/0,wt=Math.min(W.instanceCount,je);he.renderInstances(bt,Pe,wt)}else he.render(bt,Pe)};function Qd(E,O,W,B){R!==null&&E.isNodeMaterial&&R.setObject(B,E),Ue===!0&&Y.setState(E,W,!1),E.transparent===!0&&E.side===Le&&E.forceSinglePass===!1?(E.side=Ke,E.needsUpdate=!0,Br(E,O,B),E.side=Zn,E.needsUpdate=!0,Br(E,O,B),E.side=Le):Br(E,O,B)}this.compile=function(E,O,W=null){W===null&&(W=E),R!==null&&R.renderStart(E,O,W),T=$.get(W),T.init(O),w.push(T),W.traverseVisible(function(V){V.isLight&&V.layers.test(O.layers)&&(T.pushLight(V),V.castShadow&&T.pushShadow(V))}),E!==W&&E.traverseVisible(function(V){V.isLight&&V.layers.test(O.layers)&&(T.pushLight(V),V.castShadow&&T.pushShadow(V))}),T.setupLights(),R!==null&&R.updateLights(T.state.lightsArray),mn=this.localClippingEnabled,Ue=Y.init(this.clippingPlanes,mn),Ue===!0&&Y.setGlobalState(this.clippingPlanes,O),R!==null&&ot.render(T.state.shadowsArray,W,O);let B=new Set;return E.traverse(function(V){if(!(V.isMesh||V.isPoints||V.isLine||V.isSprite))return;let dt=V.material;if(dt)if(Array.isArray(dt))for(let vt=0;vt<dt.length;vt++){let lt=dt[vt];Qd(lt,W,O,V),B.add(lt)}else Qd(dt,W,O,V),B.add(dt)}),T=w.pop(),R!==null&&R.renderEnd(),B},this.compileAsync=function(E,O,W=null){let B=this.compile(E,O,W);return new Promise(V=>{function dt(){if(B.forEach(function(vt){let yt=It.get(vt).currentProgram;(yt===void 0||yt.isReady())&&B.delete(vt)}),B.size===0){V(E);return}setTimeout(dt,10)}ye.get("KHR_parallel_shader_compile")!==null?dt():setTimeout(dt,10)})};let Ah=null;function wy(E){Ah&&Ah(E)}function tf(){es.stop()}function ef(){es.start()}let es=new _m;es.setAnimationLoop(wy),typeof self<"u"&&es.setContext(self),this.setAnimationLoop=function(E){Ah=E,nt.setAnimationLoop(E),E===null?es.stop():es.start()},nt.addEventListener("sessionstart",tf),nt.addEventListener("sessionend",ef),this.render=function(E,O){if(O!==void 0&&O.isCamera!==!0){Lt("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(L===!0)return;R!==null&&R.renderStart(E,O);let W=nt.enabled===!0&&nt.isPresenting===!0,B=N!==null&&(tt===null||W)&&N.begin(C,tt);if(E.matrixWorldAutoUpdate===!0&&E.updateMatrixWorld(),O.parent===null&&O.matrixWorldAutoUpdate===!0&&O.updateMatrixWorld(),nt.enabled===!0&&nt.isPresenting===!0&&(N===null||N.isCompositing()===!1)&&(nt.cameraAutoUpdate===!0&&nt.updateCamera(O),O=nt.getCamera()),E.isScene===!0&&E.onBeforeRender(C,E,O,tt),T=$.get(E,w.length),T.init(O),T.state.textureUnits=kt.getTextureUnits(),w.push(T),ve.multiplyMatrices(O.projectionMatrix,O.matrixWorldInverse),O.isArrayCamera?Ye.setFromArrayCamera(O):Wt.setFromProjectionMatrix(ve,Un,O.reversedDepth),mn=this.localClippingEnabled,Ue=Y.init(this.clippingPlanes,mn),S=ut.get(E,x.length),S.init(),x.push(S),this.info.render.frame++,nt.enabled===!0&&nt.isPresenting===!0){let vt=C.xr.getDepthSensingMesh();vt!==null&&Ch(vt,O,-1/0,C.sortObjects)}Ch(E,O,0,C.sortObjects),S.finish(),R!==null&&R.updateLights(T.state.lightsArray),C.sortObjects===!0&&S.sort(Ft,Me),In=nt.enabled===!1||nt.isPresenting===!1||nt.hasDepthSensing()===!1,In&&D.addToRenderList(S,E),this.info.autoReset===!0&&this.info.reset(),Ue===!0&&Y.beginShadows();let V=T.state.shadowsArray;if(ot.render(V,E,O),Ue===!0&&Y.endShadows(),(B&&N.hasRenderPass())===!1){let vt=S.opaque,lt=S.transmissive;if(T.setupLights(),O.isArrayCamera){let yt=O.cameras;if(lt.length>0)for(let Et=0,Bt=yt.length;Et<Bt;Et++){let qt=yt[Et];sf(vt,lt,E,qt)}In&&D.render(E);for(let Et=0,Bt=yt.length;Et<Bt;Et++){let qt=yt[Et];nf(S,E,qt,qt.viewport)}}else lt.length>0&&sf(vt,lt,E,O),In&&D.render(E),nf(S,E,O)}tt!==null&&G===0&&(kt.updateMultisampleRenderTarget(tt),kt.updateRenderTargetMipmap(tt)),B&&N.end(C),E.isScene===!0&&E.onAfterRender(C,E,O),rt.resetDefaultState(),q=-1,j=null,w.pop(),w.length>0?(T=w[w.length-1],kt.setTextureUnits(T.state.textureUnits),Ue===!0&&Y.setGlobalState(C.clippingPlanes,T.state.camera)):T=null,x.pop(),x.length>0?S=x[x.length-1]:S=null,R!==null&&R.renderEnd()};function Ch(E,O,W,B){if(E.visible===!1)return;if(E.layers.test(O.layers)){if(E.isGroup)W=E.renderOrder;else if(E.isLOD)E.autoUpdate===!0&&E.update(O);else if(E.isLight)T.pushLight(E),E.castShadow&&T.pushShadow(E);else if(E.isSprite){let vt=O.isArrayCamera?Ye:Wt;if(!E.frustumCulled||E.intersectsFrustum(vt)){B&&Ve.setFromMatrixPosition(E.matrixWorld).applyMatrix4(ve);let lt=et.update(E),yt=E.material;yt.visible&&S.push(E,lt,yt,W,Ve.z,null,O)}}else if(E.isMesh||E.isLine||E.isPoints){let vt=O.isArrayCamera?Ye:Wt;if(!E.frustumCulled||E.intersectsFrustum(vt)){let lt=et.update(E),yt=E.material;if(B&&(E.boundingSphere!==void 0?(E.boundingSphere===null&&E.computeBoundingSphere(),Ve.copy(E.boundingSphere.center)):(lt.boundingSphere===null&&lt.computeBoundingSphere(),Ve.copy(lt.boundingSphere.center)),Ve.applyMatrix4(E.matrixWorld).applyMatrix4(ve)),Array.isArray(yt)){let Et=lt.groups;for(let Bt=0,qt=Et.length;Bt<qt;Bt++){let bt=Et[Bt],Xt=yt[bt.materialIndex];Xt&&Xt.visible&&S.push(E,lt,Xt,W,Ve.z,bt,O)}}else yt.visible&&S.push(E,lt,yt,W,Ve.z,null,O)}}}let dt=E.children;for(let vt=0,lt=dt.length;vt<lt;vt++)Ch(dt[vt],O,W,B)}function nf(E,O,W,B){let{opaque:V,transmissive:dt,transparent:vt}=E;T.setupLightsView(W),Ue===!0&&Y.setGlobalState(C.clippingPlanes,W),B&&ft.viewport(Q.copy(B)),V.length>0&&ia(V,O,W),dt.length>0&&ia(dt,O,W),vt.length>0&&ia(vt,O,W),ft.buffers.depth.setTest(!0),ft.buffers.depth.setMask(!0),ft.buffers.color.setMask(!0),ft.setPolygonOffset(!1)}function sf(E,O,W,B){if((W.isScene===!0?W.overrideMaterial:null)!==null)return;if(T.state.transmissionRenderTarget[B.id]===void 0){let bt=ye.has("EXT_color_buffer_half_float")||ye.has("EXT_color_buffer_float");T.state.transmissionRenderTarget[B.id]=new Sn(1,1,{generateMipmaps:!0,type:bt?Jn:yn,minFilter:Ti,samples:Math.max(4,xe.samples),stencilBuffer:r,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:$t.workingColorSpace})}let dt=T.state.transmissionRenderTarget[B.id],vt=B.viewport||Q;dt.setSize(vt.z*C.transmissionResolutionScale,vt.w*C.transmissionResolutionScale);let lt=C.getRenderTarget(),yt=C.getActiveCubeFace(),Et=C.getActiveMipmapLevel();C.setRenderTarget(dt),C.getClearColor(Z),ht=C.getClearAlpha(),ht<1&&C.setClearColor(16777215,.5),C.clear(),In&&D.render(W);let Bt=C.toneMapping;C.toneMapping=ai;let qt=B.viewport;if(B.viewport!==void 0&&(B.viewport=void 0),T.setupLightsView(B),Ue===!0&&Y.setGlobalState(C.clippingPlanes,B),ia(E,W,B),kt.updateMultisampleRenderTarget(dt),kt.updateRenderTargetMipmap(dt),ye.has("WEBGL_multisampled_render_to_texture")===!1){let bt=!1;for(let Xt=0,Pe=O.length;Xt<Pe;Xt++){let fe=O[Xt],{object:he,geometry:je,material:wt,group:an}=fe;if(wt.side===Le&&he.layers.test(B.layers)){let Qt=wt.side;wt.side=Ke,wt.needsUpdate=!0,rf(he,W,B,je,wt,an),wt.side=Qt,wt.needsUpdate=!0,bt=!0}}bt===!0&&(kt.updateMultisampleRenderTarget(dt),kt.updateRenderTargetMipmap(dt))}C.setRenderTarget(lt,yt,Et),C.setClearColor(Z,ht),qt!==void 0&&(B.viewport=qt),C.toneMapping=Bt}function ia(E,O,W){let B=O.isScene===!0?O.overrideMaterial:null;for(let V=0,dt=E.length;V<dt;V++){let vt=E[V],{object:lt,geometry:yt,group:Et}=vt,Bt=vt.material;Bt.allowOverride===!0&&B!==null&&(Bt=B),lt.layers.test(W.layers)&&rf(lt,O,W,yt,Bt,Et)}}function rf(E,O,W,B,V,dt){R!==null&&V.isNodeMaterial&&R.setObject(E,V),E.onBeforeRender(C,O,W,B,V,dt),E.modelViewMatrix.multiplyMatrices(W.matrixWorldInverse,E.matrixWorld),E.normalMatrix.getNormalMatrix(E.modelViewMatrix),V.onBeforeRender(C,O,W,B,E,dt),V.transparent===!0&&V.side===Le&&V.forceSinglePass===!1?(V.side=Ke,V.needsUpdate=!0,C.renderBufferDirect(W,O,B,V,E,dt),V.side=Zn,V.needsUpdate=!0,C.renderBufferDirect(W,O,B,V,E,dt),V.side=Le):C.renderBufferDirect(W,O,B,V,E,dt),E.onAfterRender(C,O,W,B,V,dt)}function of(E){let O=0;for(let W of E)W.texture!==null&&O++;return O}function Br(E,O,W){O.isScene!==!0&&(O=Pn);let B=It.get(E),V=T.state.lights,dt=T.state.shadowsArray,vt=V.state.version,lt=J.getParameters(E,V.state,dt,O,W,T.state.lightProbeGridArray),yt=J.getProgramCacheKey(lt),Et=B.programs;B.environment=E.isMeshStandardMaterial||E.isMeshLambertMaterial||E.isMeshPhongMaterial?O.environment:null,B.fog=O.fog;let Bt=E.isMeshStandardMaterial||E.isMeshLambertMaterial&&!E.envMap||E.isMeshPhongMaterial&&!E.envMap;B.envMap=P.get(E.envMap||B.environment,Bt),B.envMapRotation=B.environment!==null&&E.envMap===null?O.environmentRotation:E.envMapRotation,Et===void 0&&(E.addEventListener("dispose",ae),Et=new Map,B.programs=Et,B.programVariants=new Map);let qt=Et.get(yt);if(qt!==void 0){if(B.currentProgram===qt&&B.lightsStateVersion===vt)return lf(E,lt),qt}else lt.uniforms=J.getUniforms(E),R!==null&&E.isNodeMaterial&&R.build(E,W,lt),E.onBeforeCompile(lt,C),qt=J.acquireProgram(lt,yt),Et.set(yt,qt),B.uniforms=lt.uniforms;let bt=B.uniforms;return(!E.isShaderMaterial&&!E.isRawShaderMaterial||E.clipping===!0)&&(bt.clippingPlanes=Y.uniform),lf(E,lt),B.needsLights=Ty(E),B.lightsStateVersion=vt,B.needsLights&&(bt.ambientLightColor.value=V.state.ambient,bt.lightProbe.value=V.state.probe,bt.sunLights.value=V.state.sun,bt.sunLightShadows.value=V.state.sunShadow,bt.directionalLights.value=V.state.directional,bt.directionalLightShadows.value=V.state.directionalShadow,bt.spotLights.value=V.state.spot,bt.spotLightShadows.value=V.state.spotShadow,bt.rectAreaLights.value=V.state.rectArea,bt.ltc_1.value=V.state.rectAreaLTC1,bt.ltc_2.value=V.state.rectAreaLTC2,bt.pointLights.value=V.state.point,bt.pointLightShadows.value=V.state.pointShadow,bt.hemisphereLights.value=V.state.hemi,bt.sunShadowMatrix.value=V.state.sunShadowMatrix,bt.sunShadowCascade.value=V.state.sunShadowCascade,bt.directionalShadowMatrix.value=V.state.directionalShadowMatrix,bt.spotLightMatrix.value=V.state.spotLightMatrix,bt.spotLightMap.value=V.state.spotLightMap,bt.pointShadowMatrix.value=V.state.pointShadowMatrix),B.numLightProbeGrids=of(T.state.lightProbeGridArray),B.currentProgram=qt,B.uniformsList=null,qt}function Sy(E,O,W,B,V){let dt=It.get(E),vt=dt.currentProgram.id+","+B+","+V,lt=dt.programVariants.get(vt);return lt===void 0?(lt=Br(E,O,W),dt.programVariants.set(vt,lt)):(dt.currentProgram=lt,dt.uniformsList=null,dt.outputColorSpace=B,dt.toneMapping=V),lt}function af(E){if(E.uniformsList===null){let O=E.currentProgram.getUniforms();E.uniformsList=xr.seqWithValue(O.seq,E.uniforms)}return E.uniformsList}function lf(E,O){let W=It.get(E);W.outputColorSpace=O.outputColorSpace,W.batching=O.batching,W.batchingColor=O.batchingColor,W.instancing=O.instancing,W.instancingColor=O.instancingColor,W.instancingMorph=O.instancingMorph,W.skinning=O.skinning,W.morphTargets=O.morphTargets,W.morphNormals=O.morphNormals,W.morphColors=O.morphColors,W.morphTargetsCount=O.morphTargetsCount,W.numClippingPlanes=O.numClippingPlanes,W.numIntersection=O.numClipIntersection,W.vertexAlphas=O.vertexAlphas,W.vertexTangents=O.vertexTangents,W.toneMapping=O.toneMapping}function My(E,O,W,B,V){O.isScene!==!0&&(O=Pn),kt.resetTextureUnits();let dt=O.fog,vt=B.isMeshStandardMaterial||B.isMeshLambertMaterial||B.isMeshPhongMaterial?O.environment:null,lt=tt===null?C.outputColorSpace:tt.isXRRenderTarget===!0?tt.texture.colorSpace:$t.workingColorSpace,yt=B.isMeshStandardMaterial||B.isMeshLambertMaterial&&!B.envMap||B.isMeshPhongMaterial&&!B.envMap,Et=P.get(B.envMap||vt,yt),Bt=B.vertexColors===!0&&!!W.attributes.color&&W.attributes.color.itemSize===4,qt=!!W.attributes.tangent&&(!!B.normalMap||B.anisotropy>0),bt=!!W.morphAttributes.position,Xt=!!W.morphAttributes.normal,Pe=!!W.morphAttributes.color,fe=ai;B.toneMapped&&(tt===null||tt.isXRRenderTarget===!0)&&(fe=C.toneMapping);let he=W.morphAttributes.position||W.morphAttributes.normal||W.morphAttributes.color,je=he!==void 0?he.length:0,wt=It.get(B),an=T.state.lights;if(Ue===!0&&(mn===!0||E!==j)){let be=E===j&&B.id===q;Y.setState(B,E,be)}let Qt=!1,ns=!1;B.version===wt.__version?wt.needsLights&&wt.lightsStateVersion!==an.state.version||V.isBatchedMesh&&wt.batching===!1||!V.isBatchedMesh&&wt.batching===!0||V.isBatchedMesh&&wt.batchingColor===!0&&V._colorsTexture===null||V.isBatchedMesh&&wt.batchingColor===!1&&V._colorsTexture!==null||V.isInstancedMesh&&wt.instancing===!1||!V.isInstancedMesh&&wt.instancing===!0||V.isSkinnedMesh&&wt.skinning===!1||!V.isSkinnedMesh&&wt.skinning===!0||V.isInstancedMesh&&wt.instancingColor===!0&&V.instanceColor===null||V.isInstancedMesh&&wt.instancingColor===!1&&V.instanceColor!==null||V.isInstancedMesh&&wt.instancingMorph===!0&&V.morphTexture===null||V.isInstancedMesh&&wt.instancingMorph===!1&&V.morphTexture!==null||wt.envMap!==Et||B.fog===!0&&wt.fog!==dt||wt.numClippingPlanes!==void 0&&(wt.numClippingPlanes!==Y.numPlanes||wt.numIntersection!==Y.numIntersection)||wt.vertexAlphas!==Bt||wt.vertexTangents!==qt||wt.morphTargets!==bt||wt.morphNormals!==Xt||wt.morphColors!==Pe||wt.morphTargetsCount!==je||wt.numLightProbeGrids!==of(T.state.lightProbeGridArray)?Qt=!0:(wt.outputColorSpace!==lt||wt.toneMapping!==fe)&&(ns=!0):(Qt=!0,wt.__version=B.version);let Qe=wt.currentProgram;(Qt===!0||ns===!0)&&(Qe=ns===!0?Sy(B,O,V,lt,fe):Br(B,O,V),R&&B.isNodeMaterial&&R.onUpdateProgram(B,Qe,wt));let sa=!1,Ni=!1,is=!1,Jt=Qe.getUniforms(),Ze=wt.uniforms;if(ft.useProgram(Qe.program)&&(sa=!0,Ni=!0,is=!0),B.id!==q&&(q=B.id,Ni=!0),sa||j!==E){ft.buffers.depth.getReversed()&&E.reversedDepth!==!0&&(E._reversedDepth=!0,E.updateProjectionMatrix()),Jt.setValue(F,"projectionMatrix",E.projectionMatrix),Jt.setValue(F,"viewMatrix",E.matrixWorldInverse);let Ge=Jt.map.cameraPosition;Ge!==void 0&&Ge.setValue(F,ni.setFromMatrixPosition(E.matrixWorld)),xe.logarithmicDepthBuffer&&Jt.setValue(F,"logDepthBufFC",2/(Math.log(E.far+1)/Math.LN2)),(B.isMeshPhongMaterial||B.isMeshToonMaterial||B.isMeshLambertMaterial||B.isMeshBasicMaterial||B.isMeshStandardMaterial||B.isShaderMaterial)&&Jt.setValue(F,"isOrthographic",E.isOrthographicCamera===!0),j!==E&&(j=E,Ni=!0,is=!0)}if(wt.needsLights&&(an.state.sunShadowMap.length>0&&Jt.setValue(F,"sunShadowMap",an.state.sunShadowMap,kt),an.state.directionalShadowMap.length>0&&Jt.setValue(F,"directionalShadowMap",an.state.directionalShadowMap,kt),an.state.spotShadowMap.length>0&&Jt.setValue(F,"spotShadowMap",an.state.spotShadowMap,kt),an.state.pointShadowMap.length>0&&Jt.setValue(F,"pointShadowMap",an.state.pointShadowMap,kt)),V.isSkinnedMesh){Jt.setOptional(F,V,"bindMatrix"),Jt.setOptional(F,V,"bindMatrixInverse");let be=V.skeleton;be&&(be.boneTexture===null&&be.computeBoneTexture(),Jt.setValue(F,"boneTexture",be.boneTexture,kt))}V.isBatchedMesh&&(Jt.setOptional(F,V,"batchingTexture"),Jt.setValue(F,"batchingTexture",V._matricesTexture,kt),Jt.setOptional(F,V,"batchingIdTexture"),Jt.setValue(F,"batchingIdTexture",V._indirectTexture,kt),Jt.setOptional(F,V,"batchingColorTexture"),V._colorsTexture!==null&&Jt.setValue(F,"batchingColorTexture",V._colorsTexture,kt));let Hn=W.morphAttributes;if((Hn.position!==void 0||Hn.normal!==void 0||Hn.color!==void 0)&&K.update(V,W,Qe),(Ni||wt.receiveShadow!==V.receiveShadow)&&(wt.receiveShadow=V.receiveShadow,Jt.setValue(F,"receiveShadow",V.receiveShadow)),(B.isMeshStandardMaterial||B.isMeshLambertMaterial||B.isMeshPhongMaterial)&&B.envMap===null&&O.environment!==null&&(Ze.envMapIntensity.value=O.environmentIntensity),Ze.dfgLUT!==void 0&&(Ze.dfgLUT.value=Xw()),Ni){if(Jt.setValue(F,"toneMappingExposure",C.toneMappingExposure),wt.needsLights&&Ey(Ze,is),dt&&B.fog===!0&&st.refreshFogUniforms(Ze,dt),st.refreshMaterialUniforms(Ze,B,pt,Ct,T.state.transmissionRenderTarget[E.id]),wt.needsLights&&wt.numLightProbeGrids>0){let be=v,Ge=0;for(let mi of T.state.lightProbeGridArray)mi.texture!==null&&(be.textures[Ge]=mi.texture,be.min[Ge]=mi.boundingBox.min,be.max[Ge]=mi.boundingBox.max,be.resolution[Ge]=mi.resolution,Ge++);for(let mi in be)be[mi].length=Ge;Ze.probesSH.value=be.textures,Ze.probesMin.value=be.min,Ze.probesMax.value=be.max,Ze.probesResolution.value=be.resolution}xr.upload(F,af(wt),Ze,kt)}if(B.isShaderMaterial&&B.uniformsNeedUpdate===!0&&(xr.upload(F,af(wt),Ze,kt),B.uniformsNeedUpdate=!1),B.isSpriteMaterial&&Jt.setValue(F,"center",V.center),Jt.setValue(F,"modelViewMatrix",V.modelViewMatrix),Jt.setValue(F,"normalMatrix",V.normalMatrix),Jt.setValue(F,"modelMatrix",V.matrixWorld),B.uniformsGroups!==void 0){let be=B.uniformsGroups;for(let Ge=0,mi=be.length;Ge<mi;Ge++){let hf=be[Ge];Tt.update(hf,Qe),Tt.bind(hf,Qe)}}return Qe}function Ey(E,O){E.ambientLightColor.needsUpdate=O,E.lightProbe.needsUpdate=O,E.sunLights.needsUpdate=O,E.sunLightShadows.needsUpdate=O,E.directionalLights.needsUpdate=O,E.directionalLightShadows.needsUpdate=O,E.pointLights.needsUpdate=O,E.pointLightShadows.needsUpdate=O,E.spotLights.needsUpdate=O,E.spotLightShadows.needsUpdate=O,E.rectAreaLights.needsUpdate=O,E.hemisphereLights.needsUpdate=O}function Ty(E){return E.isMeshLambertMaterial||E.isMeshToonMaterial||E.isMeshPhongMaterial||E.isMeshStandardMaterial||E.isShadowMaterial||E.isShaderMaterial&&E.lights===!0}this.getActiveCubeFace=function(){return H},this.getActiveMipmapLevel=function(){return G},this.getRenderTarget=function(){return tt},this.setRenderTargetTextures=function(E,O,W){let B=It.get(E);B.__autoAllocateDepthBuffer=E.resolveDepthBuffer===!1,B.__autoAllocateDepthBuffer===!1&&(B.__useRenderToTexture=!1),It.get(E.texture).__webglTexture=O,It.get(E.depthTexture).__webglTexture=B.__autoAllocateDepthBuffer?void 0:W,B.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(E,O){let W=It.get(E);W.__webglFramebuffer=O,W.__useDefaultFramebuffer=O===void 0},this.setRenderTarget=function(E,O=0,W=0){tt=E,H=O,G=W;let B=null,V=!1,dt=!1;if(E){let lt=It.get(E);if(lt.__useDefaultFramebuffer!==void 0){ft.bindFramebuffer(F.FRAMEBUFFER,lt.__webglFramebuffer),Q.copy(E.viewport),_t.copy(E.scissor),Nt=E.scissorTest,ft.viewport(Q),ft.scissor(_t),ft.setScissorTest(Nt),q=-1;return}else if(lt.__webglFramebuffer===void 0)kt.setupRenderTarget(E);else if(lt.__hasExternalTextures)kt.rebindTextures(E,It.get(E.texture).__webglTexture,It.get(E.depthTexture).__webglTexture);else if(E.depthBuffer){let Bt=E.depthTexture;if(lt.__boundDepthTexture!==Bt){if(Bt!==null&&It.has(Bt)&&(E.width!==Bt.image.width||E.height!==Bt.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");kt.setupDepthRenderbuffer(E)}}let yt=E.texture;(yt.isData3DTexture||yt.isDataArrayTexture||yt.isCompressedArrayTexture)&&(dt=!0);let Et=It.get(E).__webglFramebuffer;E.isWebGLCubeRenderTarget?(Array.isArray(Et[O])?B=Et[O][W]:B=Et[O],V=!0):E.samples>0&&kt.useMultisampledRTT(E)===!1?B=It.get(E).__webglMultisampledFramebuffer:Array.isArray(Et)?B=Et[W]:B=Et,Q.copy(E.viewport),_t.copy(E.scissor),Nt=E.scissorTest}else Q.copy(Pt).multiplyScalar(pt).floor(),_t.copy(Kt).multiplyScalar(pt).floor(),Nt=ce;if(W!==0&&(B=U),ft.bindFramebuffer(F.FRAMEBUFFER,B)&&ft.drawBuffers(E,B),ft.viewport(Q),ft.scissor(_t),ft.setScissorTest(Nt),V){let lt=It.get(E.texture);F.framebufferTexture2D(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_CUBE_MAP_POSITIVE_X+O,lt.__webglTexture,W)}else if(dt){let lt=O;for(let yt=0;yt<E.textures.length;yt++){let Et=It.get(E.textures[yt]);F.framebufferTextureLayer(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0+yt,Et.__webglTexture,W,lt)}}else if(E!==null&&W!==0){let lt=It.get(E.texture);F.framebufferTexture2D(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,lt.__webglTexture,W)}q=-1};function cf(E){let O=It.get(E);return(O.__readFormat!==E.format||O.__readType!==E.type)&&(O.__readFormat=E.format,O.__readType=E.type,O.__formatReadable=xe.textureFormatReadable(E.format),O.__typeReadable=xe.textureTypeReadable(E.type)),O}this.readRenderTargetPixels=function(E,O,W,B,V,dt,vt,lt=0){if(!(E&&E.isWebGLRenderTarget)){Lt("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let yt=It.get(E).__webglFramebuffer;if(E.isWebGLCubeRenderTarget&&vt!==void 0&&(yt=yt[vt],Array.isArray(yt)&&(yt=yt[0])),yt){ft.bindFramebuffer(F.FRAMEBUFFER,yt);try{let Et=E.textures[lt],Bt=Et.format,qt=Et.type;E.textures.length>1&&F.readBuffer(F.COLOR_ATTACHMENT0+lt);let bt=cf(Et);if(bt.__formatReadable===!1){Lt("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(bt.__typeReadable===!1){Lt("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}O>=0&&O<=E.width-B&&W>=0&&W<=E.height-V&&F.readPixels(O,W,B,V,it.convert(Bt),it.convert(qt),dt)}finally{let Et=tt!==null?It.get(tt).__webglFramebuffer:null;ft.bindFramebuffer(F.FRAMEBUFFER,Et)}}},this.readRenderTargetPixelsAsync=async function(E,O,W,B,V,dt,vt,lt=0){if(!(E&&E.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let yt=It.get(E).__webglFramebuffer;if(E.isWebGLCubeRenderTarget&&vt!==void 0&&(yt=yt[vt],Array.isArray(yt)&&(yt=yt[0])),yt)if(O>=0&&O<=E.width-B&&W>=0&&W<=E.height-V){ft.bindFramebuffer(F.FRAMEBUFFER,yt);let Et=E.textures[lt],Bt=Et.format,qt=Et.type;E.textures.length>1&&F.readBuffer(F.COLOR_ATTACHMENT0+lt);let bt=cf(Et);if(bt.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(bt.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let Xt=F.createBuffer();F.bindBuffer(F.PIXEL_PACK_BUFFER,Xt),F.bufferData(F.PIXEL_PACK_BUFFER,dt.byteLength,F.STREAM_READ),F.readPixels(O,W,B,V,it.convert(Bt),it.convert(qt),0),F.bindBuffer(F.PIXEL_PACK_BUFFER,null);let Pe=tt!==null?It.get(tt).__webglFramebuffer:null;ft.bindFramebuffer(F.FRAMEBUFFER,Pe);let fe=F.fenceSync(F.SYNC_GPU_COMMANDS_COMPLETE,0);return F.flush(),await zp(F,fe,4),F.bindBuffer(F.PIXEL_PACK_BUFFER,Xt),F.getBufferSubData(F.PIXEL_PACK_BUFFER,0,dt),F.bindBuffer(F.PIXEL_PACK_BUFFER,null),F.deleteBuffer(Xt),F.deleteSync(fe),dt}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(E,O=null,W=0){let B=Math.pow(2,-W),V=Math.floor(E.image.width*B),dt=Math.floor(E.image.height*B),vt=O!==null?O.x:0,lt=O!==null?O.y:0;kt.setTexture2D(E,0),F.copyTexSubImage2D(F.TEXTURE_2D,W,0,0,vt,lt,V,dt),ft.unbindTexture()},this.copyTextureToTexture=function(E,O,W=null,B=null,V=0,dt=0){let vt,lt,yt,Et,Bt,qt,bt,Xt,Pe,fe=E.isCompressedTexture?E.mipmaps[dt]:E.image;if(W!==null)vt=W.max.x-W.min.x,lt=W.max.y-W.min.y,yt=W.isBox3?W.max.z-W.min.z:1,Et=W.min.x,Bt=W.min.y,qt=W.isBox3?W.min.z:0;else{let Jt=Math.pow(2,-V);vt=Math.floor(fe.width*Jt),lt=Math.floor(fe.height*Jt),E.isDataArrayTexture?yt=fe.depth:E.isData3DTexture?yt=Math.floor(fe.depth*Jt):yt=1,Et=0,Bt=0,qt=0}B!==null?(bt=B.x,Xt=B.y,Pe=B.z):(bt=0,Xt=0,Pe=0);let he=it.convert(O.format),je=it.convert(O.type),wt;O.isData3DTexture?(kt.setTexture3D(O,0),wt=F.TEXTURE_3D):O.isDataArrayTexture||O.isCompressedArrayTexture?(kt.setTexture2DArray(O,0),wt=F.TEXTURE_2D_ARRAY):(kt.setTexture2D(O,0),wt=F.TEXTURE_2D),ft.activeTexture(F.TEXTURE0),ft.pixelStorei(F.UNPACK_FLIP_Y_WEBGL,O.flipY),ft.pixelStorei(F.UNPACK_PREMULTIPLY_ALPHA_WEBGL,O.premultiplyAlpha),ft.pixelStorei(F.UNPACK_ALIGNMENT,O.unpackAlignment);let an=ft.getParameter(F.UNPACK_ROW_LENGTH),Qt=ft.getParameter(F.UNPACK_IMAGE_HEIGHT),ns=ft.getParameter(F.UNPACK_SKIP_PIXELS),Qe=ft.getParameter(F.UNPACK_SKIP_ROWS),sa=ft.getParameter(F.UNPACK_SKIP_IMAGES);ft.pixelStorei(F.UNPACK_ROW_LENGTH,fe.width),ft.pixelStorei(F.UNPACK_IMAGE_HEIGHT,fe.height),ft.pixelStorei(F.UNPACK_SKIP_PIXELS,Et),ft.pixelStorei(F.UNPACK_SKIP_ROWS,Bt),ft.pixelStorei(F.UNPACK_SKIP_IMAGES,qt);let Ni=E.isDataArrayTexture||E.isData3DTexture,is=O.isDataArrayTexture||O.isData3DTexture;if(E.isDepthTexture){let Jt=It.get(E),Ze=It.get(O),Hn=It.get(Jt.__renderTarget),be=It.get(Ze.__renderTarget);ft.bindFramebuffer(F.READ_FRAMEBUFFER,Hn.__webglFramebuffer),ft.bindFramebuffer(F.DRAW_FRAMEBUFFER,be.__webglFramebuffer);for(let Ge=0;Ge<yt;Ge++)Ni&&(F.framebufferTextureLayer(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,It.get(E).__webglTexture,V,qt+Ge),F.framebufferTextureLayer(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,It.get(O).__webglTexture,dt,Pe+Ge)),F.blitFramebuffer(Et,Bt,Et+vt,Bt+lt,bt,Xt,bt+vt,Xt+lt,F.DEPTH_BUFFER_BIT,F.NEAREST);ft.bindFramebuffer(F.READ_FRAMEBUFFER,null),ft.bindFramebuffer(F.DRAW_FRAMEBUFFER,null)}else if(V!==0||E.isRenderTargetTexture||It.has(E)){let Jt=It.get(E),Ze=It.get(O);ft.bindFramebuffer(F.READ_FRAMEBUFFER,I),ft.bindFramebuffer(F.DRAW_FRAMEBUFFER,k);for(let Hn=0;Hn<yt;Hn++)Ni?F.framebufferTextureLayer(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,Jt.__webglTexture,V,qt+Hn):F.framebufferTexture2D(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,Jt.__webglTexture,V),is?F.framebufferTextureLayer(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,Ze.__webglTexture,dt,Pe+Hn):F.framebufferTexture2D(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,Ze.__webglTexture,dt),V!==0?F.blitFramebuffer(Et,Bt,Et+vt,Bt+lt,bt,Xt,bt+vt,Xt+lt,F.COLOR_BUFFER_BIT,F.NEAREST):is?F.copyTexSubImage3D(wt,dt,bt,Xt,Pe+Hn,Et,Bt,vt,lt):F.copyTexSubImage2D(wt,dt,bt,Xt,Et,Bt,vt,lt);ft.bindFramebuffer(F.READ_FRAMEBUFFER,null),ft.bindFramebuffer(F.DRAW_FRAMEBUFFER,null)}else is?E.isDataTexture||E.isData3DTexture?F.texSubImage3D(wt,dt,bt,Xt,Pe,vt,lt,yt,he,je,fe.data):O.isCompressedArrayTexture?F.compressedTexSubImage3D(wt,dt,bt,Xt,Pe,vt,lt,yt,he,fe.data):F.texSubImage3D(wt,dt,bt,Xt,Pe,vt,lt,yt,he,je,fe):E.isDataTexture?F.texSubImage2D(F.TEXTURE_2D,dt,bt,Xt,vt,lt,he,je,fe.data):E.isCompressedTexture?F.compressedTexSubImage2D(F.TEXTURE_2D,dt,bt,Xt,fe.width,fe.height,he,fe.data):F.texSubImage2D(F.TEXTURE_2D,dt,bt,Xt,vt,lt,he,je,fe);ft.pixelStorei(F.UNPACK_ROW_LENGTH,an),ft.pixelStorei(F.UNPACK_IMAGE_HEIGHT,Qt),ft.pixelStorei(F.UNPACK_SKIP_PIXELS,ns),ft.pixelStorei(F.UNPACK_SKIP_ROWS,Qe),ft.pixelStorei(F.UNPACK_SKIP_IMAGES,sa),dt===0&&O.generateMipmaps===!0&&O.mipmapsAutoUpdate===!0&&F.generateMipmap(wt),ft.unbindTexture()},this.initRenderTarget=function(E){It.get(E).__webglFramebuffer===void 0&&kt.setupRenderTarget(E)},this.initTexture=function(E){E.isCubeTexture?kt.setTextureCube(E,0):E.isData3DTexture?kt.setTexture3D(E,0):E.isDataArrayTexture||E.isCompressedArrayTexture?kt.setTexture2DArray(E,0):kt.setTexture2D(E,0),ft.unbindTexture()},this.resetState=function(){H=0,G=0,tt=null,ft.reset(),rt.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Un}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(t){this._outputColorSpace=t;let e=this.getContext();e.drawingBufferColorSpace=$t._getDrawingBufferColorSpace(t),e.unpackColorSpace=$t._getUnpackColorSpace()}};var mc=class{constructor(t,e){this.box=t,this.view=e,this.list=[],this.more=document.createElement("span"),this.more.className="more"}add(t,e,n,i){let r=document.createElement("span");r.textContent=e,r.className=`l-${i}`,this.box.append(r),this.list.push({kind:t,el:r,where:n,width:0})}clear(t){this.list=this.list.filter(e=>(e.kind===t&&e.el.remove(),e.kind!==t)),t==="motion"&&this.more.remove()}rest(t){this.more.textContent=t,this.box.append(this.more)}place(){let t=[],{width:e,height:n}=this.view;for(let i of this.list){i.width||=i.el.offsetWidth;let r=this.view.project(i.where()),o=i.width||80,a=22,l=Math.max(4,Math.min(e-o-4,r.x+10)),c=Math.max(44,Math.min(n-a-44,r.y-11));for(let h=0;h<24&&t.some(u=>l<u[0]+u[2]&&u[0]<l+o&&c<u[1]+a&&u[1]<c+a);h++)c=c+23>n-a-4?44:c+23;t.push([l,c,o]),i.el.style.transform=`translate(${Math.round(l)}px, ${Math.round(c)}px)`}}};var Qn=s=>getComputedStyle(document.documentElement).getPropertyValue(s).trim(),id={planned:"--slate",loose:"--ochre",shaky:"--ochre",idle:"--hatch",put:"--slate",on:"--slate",put_too:"--slate",on_too:"--slate",about:"--ochre",odds:"--madder",hover:"--verdigris"},Pm=["loose","shaky","planned","idle"],Yw=40;function Ri(s){for(let t of[...s.children])s.remove(t),t.geometry?.dispose()}var Im=new Map;function zo(s,t,e){let n=`${s} ${t}`,i=Im.get(n);if(i)return i;let r=e();return Im.set(n,r),r}var Dm=s=>zo("face",s,()=>{let t={transparent:!0,opacity:.5,side:Le,depthWrite:!1};return new On({color:s,...t,polygonOffset:!0,polygonOffsetFactor:-1,polygonOffsetUnits:-2})}),sd=s=>zo("over",s,()=>new On({color:s,depthTest:!1,transparent:!0})),Um=s=>zo("point",s,()=>new ir({color:s,size:8,sizeAttenuation:!1,depthTest:!1,transparent:!0}));function Om(){let s=Qn(id.hover),t=()=>[new A,new A,new A],e=()=>new se().setFromPoints(t()),n=new Fe;n.add(new pe(e(),Dm(s)),new pe(e(),sd(s)),new sr(e(),Um(s))),n.add(Vo(t(),s,2,1));for(let i of n.children)i.frustumCulled=!1;return n}var Bo=class{constructor(t){this.view=t,this.group=new Fe}clear(){Ri(this.group)}draw(t,e){if(!t?.s)return;let n=Qn(id[e]);for(let i of[t.f,...t.s.shape.twins.get(t.f.n)??[]])i.face>=0&&this.face(t.s,i,n),i.edge>=0&&this.edge(t.s,i,n);t.f.dir&&t.f.k!=="plane"&&!(t.f.edge>=0&&t.f.k==="axis")&&this.axis(t.s,t.f,n),(t.f.vertex>=0||t.f.helper||t.f.k==="circle"||t.f.k==="sphere")&&this.point(t.s,t.f,n)}put(t,e){e.matrixAutoUpdate=!1,e.matrix.copy(t.world),e.renderOrder=5,this.group.add(e)}face(t,e,n){let[i,r]=t.shape.faceRange(e.face),o=t.shape.geometry.getAttribute("position").array,a=new Float32Array(3*(r-i));for(let c=i;c<r;c++)for(let h=0;h<3;h++)a[3*(c-i)+h]=o[3*t.shape.indices[c]+h];let l=new se;l.setAttribute("position",new Ee(a,3)),this.put(t,new pe(l,Dm(n)))}edge(t,e,n){let[i,r]=t.shape.lineRange(e.edge),o=[];for(let c=i;c<r;c++)o.push(new A().fromArray(t.shape.lines,3*c));if(o.length<2)return;let a=this.view.pixel(t.toWorld(e.at.clone()))*1.6,l=new lr(new ps(o,!1,"centripetal"),Math.max(8,o.length*2),a,5);this.put(t,new pe(l,sd(n)))}axis(t,e,n){let i=e.dir,r=(e.r||5)*2.2;if(e.ends){let[a,l]=e.ends.map(c=>new A(c[0],c[1],c[2]));r=a.distanceTo(l)*.75+(e.r||1)}let o=[e.at.clone().addScaledVector(i,-r),e.at.clone().addScaledVector(i,r)];this.put(t,Vo(o,n,r/9,r/18))}point(t,e,n){this.put(t,new sr(new se().setFromPoints([e.at]),Um(n)))}};function Vo(s,t,e,n){let i=Math.round(100*n/e)/100,r=()=>new ys({color:t,dashSize:1,gapSize:i,depthTest:!1,transparent:!0}),o=new nr(new se().setFromPoints(s),zo(`dashed ${i}`,t,r));o.computeLineDistances();let a=o.geometry.getAttribute("lineDistance");for(let l=0;l<a.count;l++)a.setX(l,a.getX(l)/e);return o}var gc=class{constructor(t,e){this.scene=t,this.labels=e,this.group=new Fe,this.uncounted=0}clear(){Ri(this.group),this.labels.clear("motion")}draw(t){this.clear();let e=this.choose(t),n=new Map,i=0,r=0;for(let o of e){let a=n.get(o.name)||0;n.set(o.name,a+1);let l=o.free?this.scene.boxOf(o.k).getCenter(new A):this.arrow(o,a);o.text&&(i++<12?this.labels.add("motion",o.text,()=>l,o.m.class):r++)}r+=this.uncounted,r>0&&this.labels.rest(`and ${r} more`);for(let o of this.group.children)o.renderOrder=8}choose(t){let e=[],n=new Set;this.uncounted=0;let i=t.filter(r=>r.rides.length).sort((r,o)=>Pm.indexOf(r.class)-Pm.indexOf(o.class));for(let r of i){let o=r.rides[0],a=this.scene.holding(o);if(!a||!a.visible||r.class==="idle"&&t.length>12)continue;if(a.data.left===6&&r.rides.length===1){if(n.has(o))continue;n.add(o),e.push({m:r,k:a,name:o,free:!0,text:"free"});continue}if(e.length>=Yw){this.uncounted++;continue}let l=r.rides.length>1?` · ${r.rides.length} ride`:"",c=r.class!=="idle"||t.length<4?`${r.kind} · ${r.class}${l}`:"";e.push({m:r,k:a,name:o,free:!1,text:c})}return[...e.filter(r=>!r.free),...e.filter(r=>r.free)]}arrow({m:t,k:e,name:n},i){let r=this.scene.comps.has(n)?"":n.slice(e.data.name.length+1)+"/",o=this.scene.boxOf(e,r).getBoundingSphere(new $e),a=Qn(id[t.class]),l=new A(t.direction[0],t.direction[1],t.direction[2]),c=Math.max(o.radius,.001);if(t.kind==="slide"){let g=o.center.clone().addScaledVector(l,-c*.5),_=o.center.clone().addScaledVector(l,c*1.05);return this.group.add(Lm([g,_],c,a),Nm(_,l,c,a)),_.clone().addScaledVector(l,c*.15)}let h=new A(t.point[0],t.point[1],t.point[2]),u=o.center.clone().sub(h).dot(l),d=h.clone().addScaledVector(l,u+c*.35),f=t.kind==="screw"?Math.sign(t.pitch_mm):0,p=Zw(d,l,o.center.clone().sub(h).addScaledVector(l,-u),c,i,f),y=p.length-1;this.group.add(Lm(p,c,a),Nm(p[y],p[y].clone().sub(p[y-1]),c,a));let m=[d.clone().addScaledVector(l,-c*1.3),d.clone().addScaledVector(l,c*.8)];return this.group.add(Vo(m,a,c*.08,c*.05)),p[20]}};function Lm(s,t,e){let n=new lr(new ps(s),Math.max(2,s.length),t*.014,6),i=()=>new On({color:e,depthTest:!1,transparent:!0,opacity:.95});return new pe(n,zo("arrow",e,i))}function Nm(s,t,e,n){let i=new pe(new fs(e*.05,e*.13,12),sd(n));return i.position.copy(s),i.quaternion.setFromUnitVectors(new A(0,1,0),t.clone().normalize()),i}function Zw(s,t,e,n,i,r){let o=n*.5*(1+.12*i),a=new A(0,0,1).cross(t),l=new A(1,0,0);e.length()>1e-6*n?l=e.clone().normalize():a.lengthSq()>1e-6&&(l=a.normalize());let c=t.clone().cross(l),h=[];for(let u=0;u<=28;u++){let d=-1.2+3.6*u/28,f=s.clone().addScaledVector(l,o*Math.cos(d)).addScaledVector(c,o*Math.sin(d));h.push(f.addScaledVector(t,r*n*.3*u/28))}return h}var vr=s=>new A(...Math.abs(s.z)<.9?[0,0,1]:[1,0,0]).cross(s).normalize();var Kw=74,Jw=11,yc=class{constructor(t,e){this.view=t,this.picker=e,this.group=new Fe,this.at=new A,this.axes=[],this.size=1}show(t,e){if(Ri(this.group),this.axes=t?e:[],!t)return;this.at.copy(t),this.size=this.view.pixel(t)*Kw;let n=new On({color:Qn("--slate"),depthTest:!1,transparent:!0,opacity:.85});for(let i of e){let r=new Te().setFromUnitVectors(new A(0,1,0),i),o=this.size,a=new pe(new or(o*.012,o*.012,o,8),n),l=new pe(new fs(o*.05,o*.16,14),n),c=new pe(new _o(o*.62,o*.012,6,48),n);a.position.copy(t).addScaledVector(i,o/2),l.position.copy(t).addScaledVector(i,o),c.position.copy(t);for(let h of[a,l])h.quaternion.copy(r);c.quaternion.setFromUnitVectors(new A(0,0,1),i);for(let h of[a,l,c])h.renderOrder=9,this.group.add(h)}}tip(t){return this.at.clone().addScaledVector(this.axes[t]??new A,this.size*1.14)}find(t,e){let n=null,i=Jw;for(let[o,a]of this.axes.entries()){for(let h=4;h<=11;h++){let u=this.off(this.at.clone().addScaledVector(a,this.size*h/10),t,e);u<i&&(i=u,n={axis:o,turn:!1})}let[l,c]=this.square(a);for(let h=0;h<48;h++){let u=h*Math.PI/24,d=this.at.clone().addScaledVector(l,Math.cos(u)*this.size*.62).addScaledVector(c,Math.sin(u)*this.size*.62),f=this.off(d,t,e);f<i-2&&(i=f,n={axis:o,turn:!0})}}let r=n&&this.along(n.axis,n.turn,t,e);return n&&r!==null?{...n,at:r}:null}off(t,e,n){let i=this.view.project(t);return Math.hypot(i.x-e,i.y-n)}square(t){let e=vr(t);return[e,new A().crossVectors(t,e)]}along(t,e,n,i){let r=this.axes[t],o=this.picker.aim(n,i);if(e){let h=o.intersectPlane(new Ce().setFromNormalAndCoplanarPoint(r,this.at),new A);if(!h)return null;let[u,d]=this.square(r),f=h.sub(this.at);return Math.atan2(f.dot(d),f.dot(u))*180/Math.PI}let a=this.at.clone().sub(o.origin),l=r.dot(o.direction),c=1-l*l;return c<1e-6?null:(l*o.direction.dot(a)-r.dot(a))/c}motion(t,e,n){let i=this.axes[t];if(!e)return new St().makeTranslation(i.clone().multiplyScalar(n));let r=new St().makeRotationAxis(i,n*Math.PI/180);return new St().makeTranslation(this.at).multiply(r).multiply(new St().makeTranslation(this.at.clone().negate()))}};var jw=[20,27,36],xc=class{constructor(t,e){this.scene=t,this.view=e,this.on=!1;let n=new En({color:0,depthTest:!1,transparent:!0,opacity:.8});this.lines=new Yn(new se,n),this.lines.frustumCulled=!1,this.lines.renderOrder=7,this.lines.visible=!1}flush(t){if(this.lines.visible=this.on,!this.on)return;this.lines.material.color.set(t);let e=[],n=(i,r)=>{let o=this.view.pixel(i);for(let[a,l]of jw.entries())e.push(i,i.clone().addScaledVector(r(new A().setComponent(a,1)),l*o))};n(new A,i=>i);for(let i of this.scene.comps.values())i.visible&&n(new A().setFromMatrixPosition(i.matrix),r=>r.applyQuaternion(i.quaternion));this.lines.geometry.dispose(),this.lines.geometry=new se().setFromPoints(e)}};var br=(s,t)=>`${s.comp.data.name}/${s.path}${t.n}`,Xi=(s,t)=>s.x*t.x+s.y*t.y+s.z*t.z,rd=(s,t)=>({x:s.x-t.x,y:s.y-t.y,z:s.z-t.z});function Fm(s,t){let{dir:e,r:n}=s;if(s.k!=="cylinder"||s.side!=="hole"||!e||!n)return null;let i=1e-4*(1+n);for(let r of t){if(r===s||r.k!=="cylinder"||r.side!=="hole"||r.same||!r.dir||Math.abs((r.r??0)-n)>i)continue;let o=rd(r.at,s.at),a=Xi(o,e),l={x:o.x-a*e.x,y:o.y-a*e.y,z:o.z-a*e.z},c=Math.sqrt(Xi(l,l));if(Math.abs(Math.abs(Xi(r.dir,e))-1)>1e-6||c<i)continue;let h=t.filter(u=>u.k==="plane"&&u.face>=0&&u.dir&&Math.abs(Xi(u.dir,e))<1e-5&&Math.abs(Xi(u.dir,l))<1e-5*c&&Math.abs(Math.abs(Xi(rd(u.at,s.at),u.dir))-n)<i);if(h.some(u=>Xi(rd(u.at,s.at),u.dir??e)<0&&h.some(d=>Xi(u.dir??e,d.dir??e)<0)))return r}return null}function Ho(s,t){switch(s){case"face":return t.face>=0||!!t.helper&&t.k==="plane";case"axis":return!!t.dir&&t.k!=="plane"&&t.k!=="circle";case"rim":return t.k==="circle";case"point":return t.vertex>=0||t.k==="sphere"||t.k==="point"}return!0}var wr=9,Qw=24,tS=16,_c=class{constructor(t,e,n){this.section=n,this.scene=t,this.view=e,this.caster=new xs,this.own=new Mn,this.screen=new St,this.p=new A,this.q=new A,this.tight=!1}aim(t,e){return this.caster.setFromCamera(this.view.spot(t,e),this.view.camera),this.caster.ray}*along(t){let e=this.caster.ray;for(let n of this.scene.visible()){if(n.radius===0)continue;Math.sqrt(e.distanceSqToPoint(n.center))<=n.radius+(t?this.view.pixel(n.center)*t:0)&&(yield n)}}hits(t){let e=[];for(let n of t){let i=n.shape.tree;if(i){this.own.copy(this.caster.ray).applyMatrix4(n.inverse);for(let r of i.raycast(this.own,Le))this.section.plane&&this.section.hides(this.caster.ray.at(r.distance,this.p))||e.push({u:n,distance:r.distance,face:n.shape.faceOf(r.faceIndex??0)})}}return e.sort((n,i)=>n.distance-i.distance)}candidates(t,e,n){this.aim(t,e);let i=[...this.along(wr)],r=this.hits(i),o=r.length?r[0].distance:1/0,a=[],l=new Map;this.tight=!1;let c=(h,u,d)=>{let f=br(h,u),p=l.get(f);if(p&&(p.score=Math.min(p.score,d)),p||!Ho(n,u))return;let y={k:h.comp,s:h,f:u,ref:f,score:d};l.set(f,y),a.push(y)};for(let h of i)this.edges(h,t,e,o,c),this.openings(h,o,c);for(let h of i)this.points(h,t,e,o,c);for(let[h,u]of r.entries()){let d=u.u.shape.byFace.get(u.face);d&&c(u.u,d,h===0?0:50+h)}return a.sort((h,u)=>h.score-u.score),a.slice(0,Qw)}seen(t,e,n){return!this.section.hides(t)&&this.view.camera.position.distanceTo(t)<=e*(1+.001)+n}edges(t,e,n,i,r){let o=this.view.pixel(t.center);this.own.copy(this.caster.ray).applyMatrix4(t.inverse),this.screen.multiplyMatrices(this.view.camera.projectionMatrix,this.view.camera.matrixWorldInverse).multiply(t.world);let a=(wr+1)*o*1.5;for(let l of t.shape.edgeList){if(this.own.distanceSqToPoint(l.c)>(l.r+a)**2)continue;let c=this.nearest(t.shape.lines,l.from,l.to,e,n);if(c>wr)continue;let h=t.toWorld(this.p.clone()),u=this.seen(h,i,t.radius*.02+this.view.pixel(h)*3);u&&l.f.k==="circle"&&(l.f.r??0)<tS*this.view.pixel(h)&&(this.tight=!0),r(t,l.f,u?c<5?-10+c:2+c:300+c)}}openings(t,e,n){if(!t.shape.holes.length)return;let i=this.own.copy(this.caster.ray).applyMatrix4(t.inverse);for(let r of t.shape.holes){let o=r.dir,a=i.direction.dot(o);if(!(Math.abs(a)<.05))for(let[l,c]of(r.ends??[]).entries()){let h=this.p.fromArray(c),u=(h.dot(o)-i.origin.dot(o))/a;if(u<=0||u>e*(1+1e-6)||i.at(u,this.q).distanceTo(h)>(r.r??0)||this.section.plane&&this.section.hides(t.toWorld(this.q)))continue;let d=t.shape.anchors(r).find(f=>f.where===(l?"far end":"near end"));d&&n(t,d.f,-4),n(t,r,-3)}}}nearest(t,e,n,i,r){let o=this.screen.elements,a=this.view.width/2,l=this.view.height/2,c=1/0,h=0,u=0;for(let d=e;d<n;d++){let f=t[3*d],p=t[3*d+1],y=t[3*d+2],m=1/(o[3]*f+o[7]*p+o[11]*y+o[15]),g=((o[0]*f+o[4]*p+o[8]*y+o[12])*m+1)*a,_=(1-(o[1]*f+o[5]*p+o[9]*y+o[13])*m)*l;if(d>e){let b=g-h,v=_-u,S=b*b+v*v,T=S?Math.max(0,Math.min(1,((i-h)*b+(r-u)*v)/S)):0,x=Math.hypot(i-h-T*b,r-u-T*v);x<c&&(c=x,this.p.set(t[3*d-3]+T*(f-t[3*d-3]),t[3*d-2]+T*(p-t[3*d-2]),t[3*d-1]+T*(y-t[3*d-1])))}h=g,u=_}return c}points(t,e,n,i,r){let o=this.view.pixel(t.center)*1.5;this.own.copy(this.caster.ray).applyMatrix4(t.inverse);for(let a of t.helpers.values()){let l=this.view.project(t.toWorld(a.at.clone())),c=Math.hypot(l.x-e,l.y-n);c<wr&&r(t,a,-25+c)}for(let a of t.shape.points){if(this.own.distanceSqToPoint(a.at)>((wr+1)*o)**2)continue;let l=t.toWorld(a.at.clone()),c=this.view.project(l),h=Math.hypot(c.x-e,c.y-n);h<wr&&r(t,a,this.seen(l,i,this.view.pixel(l)*3)?h<5&&!this.tight?-20+h:20+h:400+h)}}partAt(t,e){let n=this.aim(t,e),i=this.hits([...this.along(0)])[0];if(!i)return null;let r=i.u.comp,o=i.u.path.replace(/\/$/,""),a=r.data.base===void 0;return{k:r,at:n.at(i.distance,new A),name:a?r.data.name:`${r.data.name}/${o}`,frame:a?r:i.u}}across(t,e,n){let i=this.aim(t,e),r=this.view.camera.getWorldDirection(new A);return i.origin.clone().addScaledVector(i.direction,n.clone().sub(i.origin).dot(r)/i.direction.dot(r))}};var vc=class extends Yn{constructor(t,e,n){super(t,e),this.isInstancedMesh=!0,this.instanceMatrix=n.instanceMatrix,this.instanceColor=null,this.morphTexture=null,this.count=0,this.frustumCulled=!1}},bc=class{constructor(t,e,n,i,r,o){this.uses=e;let a=e.length;this.mesh=new lo(t.geometry,n,a),this.mesh.frustumCulled=!1,this.mesh.instanceColor=new ds(new Float32Array(3*a),3),this.lines=new vc(t.edges,i,this.mesh),this.lines.count=a,o&&(t.edges.getAttribute("lineDistance")||this.lines.computeLineDistances(),this.behind=new vc(t.edges,o,this.mesh),this.behind.count=a),this.mesh.boundingSphere=new $e(e[0].center,e[0].radius),this.dirty=!0;for(let[l,c]of e.entries())c.batch=this,c.at=l,this.set(c);this.colour(r)}colour(t){for(let e of this.uses)this.mesh.setColorAt(e.at,od(e,t));this.mesh.instanceColor&&(this.mesh.instanceColor.needsUpdate=!0)}set(t){this.mesh.setMatrixAt(t.at,t.world),this.dirty=!0}get drawn(){return this.behind?[this.mesh,this.lines,this.behind]:[this.mesh,this.lines]}show(t){for(let e of this.drawn)e.visible=t}dispose(){this.mesh.dispose()}},od=(s,t)=>s.comp.chosen??(t?s.tint:s.filed??s.tint);var ad=()=>performance.now(),eS=()=>new Promise(s=>{let t=new MessageChannel;t.port1.onmessage=()=>{t.port1.close(),s()},t.port2.postMessage(null)}),$i=class{constructor(){this.from=ad()}rest(){return ad()-this.from<12?void 0:this.later()}async later(){await eS(),this.from=ad()}};var Sr=Math.pow(2,-24),Go=Symbol("SKIP_GENERATION"),wc={strategy:0,maxDepth:40,targetLeafSize:10,useSharedArrayBuffer:!1,setBoundingBox:!0,onProgress:null,indirect:!1,verbose:!0,range:null,[Go]:!1};function ue(s,t,e){return e.min.x=t[s],e.min.y=t[s+1],e.min.z=t[s+2],e.max.x=t[s+3],e.max.y=t[s+4],e.max.z=t[s+5],e}function Wo(s){let t=-1,e=-1/0;for(let n=0;n<3;n++){let i=s[n+3]-s[n];i>e&&(e=i,t=n)}return t}function ld(s,t,e){for(let n=0;n<3;n++){let i=t[s+2*n],r=t[s+2*n+1],o=i-r,a=i+r;o<e[n]&&(e[n]=o),a>e[n+3]&&(e[n+3]=a)}}function Sc(s){let t=s[3]-s[0],e=s[4]-s[1],n=s[5]-s[2];return 2*(t*e+e*n+n*t)}function Yt(s,t){return t[s+15]===65535}function re(s,t){return t[s+6]}function le(s,t){return t[s+14]}function te(s){return s+8}function ee(s,t){let e=t[s+6];return s+e*8}function Mr(s,t){return t[s+7]}function Mc(s,t,e,n,i){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0,u=1/0,d=1/0,f=1/0,p=-1/0,y=-1/0,m=-1/0,g=s.offset||0;for(let _=(t-g)*6,b=(t+e-g)*6;_<b;_+=6){let v=s[_+0],S=s[_+1],T=v-S,x=v+S;T<r&&(r=T),x>l&&(l=x),v<u&&(u=v),v>p&&(p=v);let w=s[_+2],N=s[_+3],C=w-N,L=w+N;C<o&&(o=C),L>c&&(c=L),w<d&&(d=w),w>y&&(y=w);let R=s[_+4],U=s[_+5],I=R-U,k=R+U;I<a&&(a=I),k>h&&(h=k),R<f&&(f=R),R>m&&(m=R)}n[0]=r,n[1]=o,n[2]=a,n[3]=l,n[4]=c,n[5]=h,i[0]=u,i[1]=d,i[2]=f,i[3]=p,i[4]=y,i[5]=m}var ui=8,hd=8,cd=new Int32Array(ui),hi=new Float32Array(ui*6),Er=new Float32Array(ui*6),ti=new Float32Array(6),Ec=new Float32Array(6),Yi=new Int32Array(hd),Bm=new Float32Array(hd*6);function sS(s,t,e,n){for(let i=0;i<3;i++){let r=t[s+2*i],o=t[s+2*i+1],a=r-o,l=r+o;a<e[n+i]&&(e[n+i]=a),l>e[n+i+3]&&(e[n+i+3]=l)}}function zm(s,t){let e=s[t+3]-s[t],n=s[t+4]-s[t+1],i=s[t+5]-s[t+2];return 2*(e*n+n*i+i*e)}function Vm(s,t,e,n,i,r){let o=-1,a=0;if(r===0)o=Wo(t),o!==-1&&(a=(t[o]+t[o+3])/2);else if(r===1)o=Wo(s),o!==-1&&(a=rS(e,n,i,o));else if(r===2){let l=Sc(s),c=1.25*i,h=e.offset||0,u=(n-h)*6,d=(n+i-h)*6;for(let f=0;f<3;f++){let p=t[f],g=(t[f+3]-p)/ui;if(i<hd){for(let _=0;_<i;_++){let b=u+_*6,v=e[b+2*f],S=_;for(;S>0&&e[Yi[S-1]+2*f]>v;)Yi[S]=Yi[S-1],S--;Yi[S]=b}for(let _=0;_<3;_++)ti[_]=1/0,ti[_+3]=-1/0,Ec[_]=1/0,Ec[_+3]=-1/0;for(let _=i-1;_>=0;_--)ld(Yi[_],e,Ec),Bm.set(Ec,_*6);for(let _=0;_<i-1;_++){ld(Yi[_],e,ti);let b=e[Yi[_+1]+2*f];if(e[Yi[_]+2*f]===b)continue;let v=_+1,S=i-v,T=Sc(ti)/l,x=zm(Bm,v*6)/l,w=1+1.25*(T*v+x*S);w<c&&(o=f,c=w,a=b)}}else{for(let v=0;v<ui;v++){cd[v]=0;for(let S=0;S<3;S++)hi[v*6+S]=1/0,hi[v*6+S+3]=-1/0}for(let v=u;v<d;v+=6){let x=~~((e[v+2*f]-p)/g);x>=ui&&(x=ui-1),cd[x]++,sS(v,e,hi,x*6)}let _=(ui-1)*6;for(let v=0;v<6;v++)Er[_+v]=hi[_+v];for(let v=ui-2;v>=0;v--){let S=v*6,T=S+6;for(let x=0;x<3;x++)Er[S+x]=Math.min(hi[S+x],Er[T+x]),Er[S+x+3]=Math.max(hi[S+x+3],Er[T+x+3])}let b=0;for(let v=0;v<ui-1;v++){let S=v*6,T=cd[v];if(T!==0)for(let L=0;L<3;L++)b===0?(ti[L]=hi[S+L],ti[L+3]=hi[S+L+3]):(ti[L]=Math.min(ti[L],hi[S+L]),ti[L+3]=Math.max(ti[L+3],hi[S+L+3]));b+=T;let x=0,w=0;b!==0&&(x=Sc(ti)/l);let N=i-b;N!==0&&(w=zm(Er,S+6)/l);let C=1+1.25*(x*b+w*N);C<c&&(o=f,c=C,a=p+g+v*g)}}}}else console.warn(`BVH: Invalid build strategy value ${r} used.`);return{axis:o,pos:a}}function rS(s,t,e,n){let i=0,r=s.offset;for(let o=t,a=t+e;o<a;o++)i+=s[(o-r)*6+n*2];return i/e}function Hm(s,t,e,n,i,r){let o=n,a=n+i-1,l=r.pos,c=r.axis*2,h=e.offset||0;for(;;){for(;o<=a&&e[(o-h)*6+c]<l;)o++;for(;o<=a&&e[(a-h)*6+c]>=l;)a--;if(o<a){for(let u=0;u<t;u++){let d=s[o*t+u];s[o*t+u]=s[a*t+u],s[a*t+u]=d}for(let u=0;u<6;u++){let d=o-h,f=a-h,p=e[d*6+u];e[d*6+u]=e[f*6+u],e[f*6+u]=p}o++,a--}else return o}}var oS=Math.pow(2,32),Tr=new Float32Array(6),Tc=new Float32Array(6);function aS(s,t,e,n,i,r){let{maxDepth:o,verbose:a,targetLeafSize:l,_strictLeafSize:c=1/0,strategy:h,onProgress:u,useSharedArrayBuffer:d=!1}=i,f=s.primitiveBuffer,p=s.primitiveBufferStride,y=d?SharedArrayBuffer:ArrayBuffer,m=new y(32*Math.max(1,2*Math.ceil(n)-1)),g=new Float32Array(m),_=new Uint32Array(m),b=new Uint16Array(m),v=0,S=!1;return Mc(t,e,n,Tr,Tc),w(e,n,0),m.slice(0,v*32);function T(N){u&&u((N-r.offset)/r.count)}function x(N,C,L){let R=N*2;_[N+6]=C,b[R+14]=L,b[R+15]=65535,T(C+L)}function w(N,C,L){let R=v++,U=R*8;g.set(Tr,U),!S&&L>=o&&(S=!0,a&&console.warn(`BVH: Max depth of ${o} reached when generating BVH. Consider increasing maxDepth.`));let I=C>c;if(C<=l&&!I||L>=o){x(U,N,C);return}let k=Vm(Tr,Tc,t,N,C,h),H=k.axis===-1?-1:Hm(f,p,t,N,C,k);if(k.axis===-1||H===N||H===N+C){if(!I){x(U,N,C);return}k.axis=Math.max(0,Wo(Tr)),H=N+Math.max(1,Math.floor(C/2))}_[U+7]=k.axis;let G=H-N;Mc(t,N,G,Tr,Tc),w(N,G,L+1);let tt=v-R;if(tt>oS)throw new Error("MeshBVH: Cannot store relative child node offset greater than 32 bits.");_[U+6]=tt;let q=C-G;Mc(t,H,q,Tr,Tc),w(H,q,L+1)}}function Gm(s,t){let e=s.getRootRanges(t.range),n=e[0],i=e[e.length-1],r={offset:n.offset,count:i.offset+i.count-n.offset},o=new Float32Array(6*r.count);o.offset=r.offset,s.computePrimitiveBounds(r.offset,r.count,o),s._roots=e.map(a=>aS(s,o,a.offset,a.count,t,r))}var Zi=class{constructor(t){this._getNewPrimitive=t,this._primitives=[]}getPrimitive(){let t=this._primitives;return t.length===0?this._getNewPrimitive():t.pop()}releasePrimitive(t){this._primitives.push(t)}};var ud=class{constructor(){this.float32Array=null,this.uint16Array=null,this.uint32Array=null;let t=[],e=null;this.setBuffer=n=>{e&&t.push(e),e=n,this.float32Array=new Float32Array(n),this.uint16Array=new Uint16Array(n),this.uint32Array=new Uint32Array(n)},this.clearBuffer=()=>{e=null,this.float32Array=null,this.uint16Array=null,this.uint32Array=null,t.length!==0&&this.setBuffer(t.pop())}}},Gt=new ud;var Ki,Cr,Ar=[],Ac=new Zi(()=>new jt);function Wm(s,t,e,n,i,r){Ki=Ac.getPrimitive(),Cr=Ac.getPrimitive(),Ar.push(Ki,Cr),Gt.setBuffer(s._roots[t]);let o=dd(0,s.geometry,e,n,i,r);Gt.clearBuffer(),Ac.releasePrimitive(Ki),Ac.releasePrimitive(Cr),Ar.pop(),Ar.pop();let a=Ar.length;return a>0&&(Cr=Ar[a-1],Ki=Ar[a-2]),o}function dd(s,t,e,n,i=null,r=0,o=0){let{float32Array:a,uint16Array:l,uint32Array:c}=Gt,h=s*2;if(Yt(h,l)){let d=re(s,c),f=le(h,l);return ue(s,a,Ki),n(d,f,!1,o,r+s/8,Ki)}else{let C=function(R){let{uint16Array:U,uint32Array:I}=Gt,k=R*2;for(;!Yt(k,U);)R=te(R),k=R*2;return re(R,I)},L=function(R){let{uint16Array:U,uint32Array:I}=Gt,k=R*2;for(;!Yt(k,U);)R=ee(R,I),k=R*2;return re(R,I)+le(k,U)},d=te(s),f=ee(s,c),p=d,y=f,m,g,_,b;if(i&&(_=Ki,b=Cr,ue(p,a,_),ue(y,a,b),m=i(_),g=i(b),g<m)){p=f,y=d;let R=m;m=g,g=R,_=b}_||(_=Ki,ue(p,a,_));let v=Yt(p*2,l),S=e(_,v,m,o+1,r+p/8),T;if(S===2){let R=C(p),I=L(p)-R;T=n(R,I,!0,o+1,r+p/8,_)}else T=S&&dd(p,t,e,n,i,r,o+1);if(T)return!0;b=Cr,ue(y,a,b);let x=Yt(y*2,l),w=e(b,x,g,o+1,r+y/8),N;if(w===2){let R=C(y),I=L(y)-R;N=n(R,I,!0,o+1,r+y/8,b)}else N=w&&dd(y,t,e,n,i,r,o+1);return!!N}}var qo=new Gt.constructor,Cc=new Gt.constructor,Ji=new Zi(()=>new jt),Rr=new jt,Pr=new jt,pd=new jt,md=new jt,gd=!1;function qm(s,t,e,n){if(gd)throw new Error("MeshBVH: Recursive calls to bvhcast not supported.");gd=!0;let i=s._roots,r=t._roots,o,a=0,l=0,c=new St().copy(e).invert();for(let h=0,u=i.length;h<u;h++){qo.setBuffer(i[h]),l=0;let d=Ji.getPrimitive();ue(0,qo.float32Array,d),d.applyMatrix4(c);for(let f=0,p=r.length;f<p&&(Cc.setBuffer(r[f]),o=ei(0,0,e,c,n,a,l,0,0,d),Cc.clearBuffer(),l+=r[f].byteLength/32,!o);f++);if(Ji.releasePrimitive(d),qo.clearBuffer(),a+=i[h].byteLength/32,o)break}return gd=!1,o}function ei(s,t,e,n,i,r=0,o=0,a=0,l=0,c=null,h=!1){let u,d;h?(u=Cc,d=qo):(u=qo,d=Cc);let f=u.float32Array,p=u.uint32Array,y=u.uint16Array,m=d.float32Array,g=d.uint32Array,_=d.uint16Array,b=s*2,v=t*2,S=Yt(b,y),T=Yt(v,_),x=!1;if(T&&S)h?x=i(re(t,g),le(t*2,_),re(s,p),le(s*2,y),l,o+t/8,a,r+s/8):x=i(re(s,p),le(s*2,y),re(t,g),le(t*2,_),a,r+s/8,l,o+t/8);else if(T){let w=Ji.getPrimitive();ue(t,m,w),w.applyMatrix4(e);let N=te(s),C=ee(s,p);ue(N,f,Rr),ue(C,f,Pr);let L=w.intersectsBox(Rr),R=w.intersectsBox(Pr);x=L&&ei(t,N,n,e,i,o,r,l,a+1,w,!h)||R&&ei(t,C,n,e,i,o,r,l,a+1,w,!h),Ji.releasePrimitive(w)}else{let w=te(t),N=ee(t,g);ue(w,m,pd),ue(N,m,md);let C=c.intersectsBox(pd),L=c.intersectsBox(md);if(C&&L)x=ei(s,w,e,n,i,r,o,a,l+1,c,h)||ei(s,N,e,n,i,r,o,a,l+1,c,h);else if(C)if(S)x=ei(s,w,e,n,i,r,o,a,l+1,c,h);else{let R=Ji.getPrimitive();R.copy(pd).applyMatrix4(e);let U=te(s),I=ee(s,p);ue(U,f,Rr),ue(I,f,Pr);let k=R.intersectsBox(Rr),H=R.intersectsBox(Pr);x=k&&ei(w,U,n,e,i,o,r,l,a+1,R,!h)||H&&ei(w,I,n,e,i,o,r,l,a+1,R,!h),Ji.releasePrimitive(R)}else if(L)if(S)x=ei(s,N,e,n,i,r,o,a,l+1,c,h);else{let R=Ji.getPrimitive();R.copy(md).applyMatrix4(e);let U=te(s),I=ee(s,p);ue(U,f,Rr),ue(I,f,Pr);let k=R.intersectsBox(Rr),H=R.intersectsBox(Pr);x=k&&ei(N,U,n,e,i,o,r,l,a+1,R,!h)||H&&ei(N,I,n,e,i,o,r,l,a+1,R,!h),Ji.releasePrimitive(R)}}return x}var Rc=new class{constructor(){let s=null,t=null,e=null,n=!1;this.root=null,this.buffer=null,this.uint32Array=null,this.uint16Array=null,this.setBVH=(r,o)=>{if(n)throw new Error("BVHTraversalHelper: cannot call setBVH during an active traversal.");this.root=o,this.buffer=s=r._roots[o],this.uint16Array=e=new Uint16Array(s),this.uint32Array=t=new Uint32Array(s)},this.reset=()=>{this.root=null,this.buffer=s=null,this.uint16Array=e=null,this.uint32Array=t=null},this.getRangeStart=r=>{let o=r*2;for(;!Yt(o,e);)r=te(r),o=r*2;return re(r,t)},this.getRangeEnd=r=>{let o=r*2;for(;!Yt(o,e);)r=ee(r,t),o=r*2;return re(r,t)+le(o,e)};let i=(r,o,a)=>{let l=o*2,c=Yt(l,e);if(!r(a,c,o)&&!c){let u=te(o),d=ee(o,t);i(r,u,a+1),i(r,d,a+1)}};this.traverseBuffer=r=>{if(n)throw new Error("BVHTraversalHelper: cannot start a traversal during an active traversal.");n=!0;try{i(r,0,0)}finally{n=!1}},this.traverse=r=>{this.traverseBuffer((o,a,l)=>{if(a){let c=l*2,h=t[l+6],u=e[c+14];return r(o,a,new Float32Array(s,l*4,6),h,u)}else{let c=Mr(l,t);return r(o,a,new Float32Array(s,l*4,6),c)}})}}};var Xm=new jt,Ir=new Float32Array(6),Pc=class{constructor(){this._roots=null,this.primitiveBuffer=null,this.primitiveBufferStride=null}init(t){t={...wc,...t},"maxLeafSize"in t&&(console.warn('BVH: "maxLeafSize" option has been deprecated. Use "targetLeafSize", instead.'),t={...t,targetLeafSize:t.maxLeafSize}),Gm(this,t)}getRootRanges(){throw new Error("BVH: getRootRanges() not implemented")}writePrimitiveBounds(){throw new Error("BVH: writePrimitiveBounds() not implemented")}writePrimitiveRangeBounds(t,e,n,i){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0;for(let u=t,d=t+e;u<d;u++){this.writePrimitiveBounds(u,Ir,0);let[f,p,y,m,g,_]=Ir;f<r&&(r=f),m>l&&(l=m),p<o&&(o=p),g>c&&(c=g),y<a&&(a=y),_>h&&(h=_)}return n[i+0]=r,n[i+1]=o,n[i+2]=a,n[i+3]=l,n[i+4]=c,n[i+5]=h,n}computePrimitiveBounds(t,e,n){let i=n.offset||0;for(let r=t,o=t+e;r<o;r++){this.writePrimitiveBounds(r,Ir,0);let[a,l,c,h,u,d]=Ir,f=(a+h)/2,p=(l+u)/2,y=(c+d)/2,m=(h-a)/2,g=(u-l)/2,_=(d-c)/2,b=(r-i)*6;n[b+0]=f,n[b+1]=m+(Math.abs(f)+m)*Sr,n[b+2]=p,n[b+3]=g+(Math.abs(p)+g)*Sr,n[b+4]=y,n[b+5]=_+(Math.abs(y)+_)*Sr}return n}shiftPrimitiveOffsets(t){let e=this._indirectBuffer;if(e)for(let n=0,i=e.length;n<i;n++)e[n]+=t;else{let n=this._roots;for(let i=0;i<n.length;i++){let r=n[i],o=new Uint32Array(r),a=new Uint16Array(r),l=r.byteLength/32;for(let c=0;c<l;c++){let h=8*c,u=2*h;Yt(u,a)&&(o[h+6]+=t)}}}}traverse(t,e=0){Rc.setBVH(this,e),Rc.traverse(t),Rc.reset()}refit(){let t=this._roots;for(let e=0,n=t.length;e<n;e++){let i=t[e],r=new Uint32Array(i),o=new Uint16Array(i),a=new Float32Array(i),l=i.byteLength/32;for(let c=l-1;c>=0;c--){let h=c*8,u=h*2;if(Yt(u,o)){let f=re(h,r),p=le(u,o);this.writePrimitiveRangeBounds(f,p,Ir,0),a.set(Ir,h)}else{let f=te(h),p=ee(h,r);for(let y=0;y<3;y++){let m=a[f+y],g=a[f+y+3],_=a[p+y],b=a[p+y+3];a[h+y]=m<_?m:_,a[h+y+3]=g>b?g:b}}}}}getBoundingBox(t){return t.makeEmpty(),this._roots.forEach(n=>{ue(0,new Float32Array(n),Xm),t.union(Xm)}),t}shapecast(t){let{boundsTraverseOrder:e,intersectsBounds:n,intersectsRange:i,intersectsPrimitive:r,scratchPrimitive:o,iterate:a}=t;if(i&&r){let u=i;i=(d,f,p,y,m)=>u(d,f,p,y,m)?!0:a(d,f,this,r,p,y,o)}else i||(r?i=(u,d,f,p)=>a(u,d,this,r,f,p,o):i=(u,d,f)=>f);let l=!1,c=0,h=this._roots;for(let u=0,d=h.length;u<d;u++){let f=h[u];if(l=Wm(this,u,n,i,e,c),l)break;c+=f.byteLength/32}return l}bvhcast(t,e,n){let{intersectsRanges:i}=n;return qm(this,t,e,i)}};function $m(){return typeof SharedArrayBuffer<"u"}function yd(s){return s.index?s.index.count:s.attributes.position.count}function ji(s){return yd(s)/3}function cS(s,t=ArrayBuffer){return s>65535?new Uint32Array(new t(4*s)):new Uint16Array(new t(2*s))}function Ym(s,t){if(!s.index){let e=s.attributes.position.count,n=t.useSharedArrayBuffer?SharedArrayBuffer:ArrayBuffer,i=cS(e,n);s.setIndex(new Ee(i,1));for(let r=0;r<e;r++)i[r]=r}}function hS(s,t,e){let n=yd(s)/e,i=t||s.drawRange,r=i.start/e,o=(i.start+i.count)/e,a=Math.max(0,r),l=Math.min(n,o)-a;return{offset:Math.floor(a),count:Math.floor(l)}}function uS(s,t){return s.groups.map(e=>({offset:e.start/t,count:e.count/t}))}function xd(s,t,e){let n=hS(s,t,e),i=uS(s,e);if(!i.length)return[n];let r=[],o=n.offset,a=n.offset+n.count,l=yd(s)/e,c=[];for(let d of i){let{offset:f,count:p}=d,y=f,m=isFinite(p)?p:l-f,g=f+m;y<a&&g>o&&(c.push({pos:Math.max(o,y),isStart:!0}),c.push({pos:Math.min(a,g),isStart:!1}))}c.sort((d,f)=>d.pos!==f.pos?d.pos-f.pos:d.type==="end"?-1:1);let h=0,u=null;for(let d of c){let f=d.pos;h!==0&&f!==u&&r.push({offset:u,count:f-u}),h+=d.isStart?1:-1,u=f}return r}function dS(s,t){let e=s[s.length-1],n=e.offset+e.count>2**16,i=s.reduce((c,h)=>c+h.count,0),r=n?4:2,o=t?new SharedArrayBuffer(i*r):new ArrayBuffer(i*r),a=n?new Uint32Array(o):new Uint16Array(o),l=0;for(let c=0;c<s.length;c++){let{offset:h,count:u}=s[c];for(let d=0;d<u;d++)a[l+d]=h+d;l+=u}return a}var Ic=class extends Pc{get indirect(){return!!this._indirectBuffer}get primitiveStride(){return null}get primitiveBufferStride(){return this.indirect?1:this.primitiveStride}set primitiveBufferStride(t){}get primitiveBuffer(){return this.indirect?this._indirectBuffer:this.geometry.index.array}set primitiveBuffer(t){}constructor(t,e={}){if(t.isBufferGeometry){if(t.index&&t.index.isInterleavedBufferAttribute)throw new Error("BVH: InterleavedBufferAttribute is not supported for the index attribute.")}else throw new Error("BVH: Only BufferGeometries are supported.");if(e.useSharedArrayBuffer&&!$m())throw new Error("BVH: SharedArrayBuffer is not available.");super(),this.geometry=t,this.resolvePrimitiveIndex=e.indirect?n=>this._indirectBuffer[n]:n=>n,this.primitiveBuffer=null,this.primitiveBufferStride=null,this._indirectBuffer=null,e={...wc,...e},e[Go]||this.init(e)}init(t){let{geometry:e,primitiveStride:n}=this;if(t.indirect){let i=xd(e,t.range,n),r=dS(i,t.useSharedArrayBuffer);this._indirectBuffer=r}else Ym(e,t);super.init(t),!e.boundingBox&&t.setBoundingBox&&(e.boundingBox=this.getBoundingBox(new jt))}getRootRanges(t){return this.indirect?[{offset:0,count:this._indirectBuffer.length}]:xd(this.geometry,t,this.primitiveStride)}raycastObject3D(){throw new Error("BVH: raycastObject3D() not implemented")}};var Cn=class{constructor(){this.min=1/0,this.max=-1/0}setFromPointsField(t,e){let n=1/0,i=-1/0;for(let r=0,o=t.length;r<o;r++){let l=t[r][e];n=l<n?l:n,i=l>i?l:i}this.min=n,this.max=i}setFromPoints(t,e){let n=1/0,i=-1/0;for(let r=0,o=e.length;r<o;r++){let a=e[r],l=t.dot(a);n=l<n?l:n,i=l>i?l:i}this.min=n,this.max=i}isSeparated(t){return this.min>t.max||t.min>this.max}};Cn.prototype.setFromBox=(function(){let s=new A;return function(e,n){let i=n.min,r=n.max,o=1/0,a=-1/0;for(let l=0;l<=1;l++)for(let c=0;c<=1;c++)for(let h=0;h<=1;h++){s.x=i.x*l+r.x*(1-l),s.y=i.y*c+r.y*(1-c),s.z=i.z*h+r.z*(1-h);let u=e.dot(s);o=Math.min(u,o),a=Math.max(u,a)}this.min=o,this.max=a}})();var fS=(function(){let s=new A,t=new A,e=new A;return function(i,r,o){let a=i.start,l=s,c=r.start,h=t;e.subVectors(a,c),s.subVectors(i.end,i.start),t.subVectors(r.end,r.start);let u=e.dot(h),d=h.dot(l),f=h.dot(h),p=e.dot(l),m=l.dot(l)*f-d*d,g,_;m!==0?g=(u*d-p*f)/m:g=0,_=(u+g*d)/f,o.x=g,o.y=_}})(),Xo=(function(){let s=new ct,t=new A,e=new A;return function(i,r,o,a){fS(i,r,s);let l=s.x,c=s.y;if(l>=0&&l<=1&&c>=0&&c<=1){i.at(l,o),r.at(c,a);return}else if(l>=0&&l<=1){c<0?r.at(0,a):r.at(1,a),i.closestPointToPoint(a,!0,o);return}else if(c>=0&&c<=1){l<0?i.at(0,o):i.at(1,o),r.closestPointToPoint(o,!0,a);return}else{let h;l<0?h=i.start:h=i.end;let u;c<0?u=r.start:u=r.end;let d=t,f=e;if(i.closestPointToPoint(u,!0,t),r.closestPointToPoint(h,!0,e),d.distanceToSquared(u)<=f.distanceToSquared(h)){o.copy(d),a.copy(u);return}else{o.copy(h),a.copy(f);return}}}})(),Zm=(function(){let s=new A,t=new A,e=new Ce,n=new hn;return function(r,o){let{radius:a,center:l}=r,{a:c,b:h,c:u}=o;if(n.start=c,n.end=h,n.closestPointToPoint(l,!0,s).distanceTo(l)<=a||(n.start=c,n.end=u,n.closestPointToPoint(l,!0,s).distanceTo(l)<=a)||(n.start=h,n.end=u,n.closestPointToPoint(l,!0,s).distanceTo(l)<=a))return!0;let y=o.getPlane(e);if(Math.abs(y.distanceToPoint(l))<=a){let g=y.projectPoint(l,t);if(o.containsPoint(g))return!0}return!1}})();var pS=["x","y","z"],Pi=1e-15,Km=Pi*Pi;function zn(s){return Math.abs(s)<Pi}var Je=class extends sn{constructor(...t){super(...t),this.isExtendedTriangle=!0,this.satAxes=new Array(4).fill().map(()=>new A),this.satBounds=new Array(4).fill().map(()=>new Cn),this.points=[this.a,this.b,this.c],this.plane=new Ce,this.isDegenerateIntoSegment=!1,this.isDegenerateIntoPoint=!1,this.degenerateSegment=new hn,this.needsUpdate=!0}intersectsSphere(t){return Zm(t,this)}update(){let t=this.a,e=this.b,n=this.c,i=this.points,r=this.satAxes,o=this.satBounds,a=r[0],l=o[0];this.getNormal(a),l.setFromPoints(a,i);let c=r[1],h=o[1];c.subVectors(t,e),h.setFromPoints(c,i);let u=r[2],d=o[2];u.subVectors(e,n),d.setFromPoints(u,i);let f=r[3],p=o[3];f.subVectors(n,t),p.setFromPoints(f,i);let y=c.length(),m=u.length(),g=f.length();this.isDegenerateIntoPoint=!1,this.isDegenerateIntoSegment=!1,y<Pi?m<Pi||g<Pi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(t),this.degenerateSegment.end.copy(n)):m<Pi?g<Pi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(e),this.degenerateSegment.end.copy(t)):g<Pi&&(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(n),this.degenerateSegment.end.copy(e)),this.plane.setFromNormalAndCoplanarPoint(a,t),this.needsUpdate=!1}};Je.prototype.closestPointToSegment=(function(){let s=new A,t=new A,e=new hn;return function(i,r=null,o=null){this.needsUpdate&&this.update();let{start:a,end:l}=i,c=this.points,h,u=1/0,d=this.plane.distanceToPoint(a),f=this.plane.distanceToPoint(l);if(d*f<0&&this.plane.intersectLine(i,s)!==null&&this.containsPoint(s))return r&&r.copy(s),o&&o.copy(s),0;for(let p=0;p<3;p++){let y=(p+1)%3;e.start.copy(c[p]),e.end.copy(c[y]),Xo(e,i,s,t),h=s.distanceToSquared(t),h<u&&(u=h,r&&r.copy(s),o&&o.copy(t))}return this.closestPointToPoint(a,s),h=a.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(a)),this.closestPointToPoint(l,s),h=l.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(l)),Math.sqrt(u)}})();Je.prototype.intersectsTriangle=(function(){let s=new Je,t=new Cn,e=new Cn,n=new A,i=new A,r=new A,o=new A,a=new hn,l=new hn,c=new A,h=new ct,u=new ct;function d(b,v,S,T){let x=n;!b.isDegenerateIntoPoint&&!b.isDegenerateIntoSegment?x.copy(b.plane.normal):x.copy(v.plane.normal);let w=b.satBounds,N=b.satAxes;for(let R=1;R<4;R++){let U=w[R],I=N[R];if(t.setFromPoints(I,v.points),U.isSeparated(t)||(o.copy(x).cross(I),t.setFromPoints(o,b.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}let C=v.satBounds,L=v.satAxes;for(let R=1;R<4;R++){let U=C[R],I=L[R];if(t.setFromPoints(I,b.points),U.isSeparated(t)||(o.crossVectors(x,I),t.setFromPoints(o,b.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}return S&&(T||console.warn("ExtendedTriangle.intersectsTriangle: Triangles are coplanar which does not support an output edge. Setting edge to 0, 0, 0."),S.start.set(0,0,0),S.end.set(0,0,0)),!0}function f(b,v,S,T,x,w,N,C,L,R,U){let I=N/(N-C);R.x=T+(x-T)*I,U.start.subVectors(v,b).multiplyScalar(I).add(b),I=N/(N-L),R.y=T+(w-T)*I,U.end.subVectors(S,b).multiplyScalar(I).add(b)}function p(b,v,S,T,x,w,N,C,L,R,U){if(x>0)f(b.c,b.a,b.b,T,v,S,L,N,C,R,U);else if(w>0)f(b.b,b.a,b.c,S,v,T,C,N,L,R,U);else if(C*L>0||N!=0)f(b.a,b.b,b.c,v,S,T,N,C,L,R,U);else if(C!=0)f(b.b,b.a,b.c,S,v,T,C,N,L,R,U);else if(L!=0)f(b.c,b.a,b.b,T,v,S,L,N,C,R,U);else return!0;return!1}function y(b,v,S,T){let x=v.degenerateSegment,w=b.plane.distanceToPoint(x.start),N=b.plane.distanceToPoint(x.end);return zn(w)?zn(N)?d(b,v,S,T):(S&&(S.start.copy(x.start),S.end.copy(x.start)),b.containsPoint(x.start)):zn(N)?(S&&(S.start.copy(x.end),S.end.copy(x.end)),b.containsPoint(x.end)):b.plane.intersectLine(x,n)!=null?(S&&(S.start.copy(n),S.end.copy(n)),b.containsPoint(n)):!1}function m(b,v,S){let T=v.a;return zn(b.plane.distanceToPoint(T))&&b.containsPoint(T)?(S&&(S.start.copy(T),S.end.copy(T)),!0):!1}function g(b,v,S){let T=b.degenerateSegment,x=v.a;return T.closestPointToPoint(x,!0,n),x.distanceToSquared(n)<Km?(S&&(S.start.copy(x),S.end.copy(x)),!0):!1}function _(b,v,S,T){if(b.isDegenerateIntoSegment)if(v.isDegenerateIntoSegment){let x=b.degenerateSegment,w=v.degenerateSegment,N=i,C=r;x.delta(N),w.delta(C);let L=n.subVectors(w.start,x.start),R=N.x*C.y-N.y*C.x;if(zn(R))return!1;let U=(L.x*C.y-L.y*C.x)/R,I=-(N.x*L.y-N.y*L.x)/R;if(U<0||U>1||I<0||I>1)return!1;let k=x.start.z+N.z*U,H=w.start.z+C.z*I;return zn(k-H)?(S&&(S.start.copy(x.start).addScaledVector(N,U),S.end.copy(x.start).addScaledVector(N,U)),!0):!1}else return v.isDegenerateIntoPoint?g(b,v,S):y(v,b,S,T);else{if(b.isDegenerateIntoPoint)return v.isDegenerateIntoPoint?v.a.distanceToSquared(b.a)<Km?(S&&(S.start.copy(b.a),S.end.copy(b.a)),!0):!1:v.isDegenerateIntoSegment?g(v,b,S):m(v,b,S);if(v.isDegenerateIntoPoint)return m(b,v,S);if(v.isDegenerateIntoSegment)return y(b,v,S,T)}}return function(v,S=null,T=!1){this.needsUpdate&&this.update(),v.isExtendedTriangle?v.needsUpdate&&v.update():(s.copy(v),s.update(),v=s);let x=_(this,v,S,T);if(x!==void 0)return x;let w=this.plane,N=v.plane,C=N.distanceToPoint(this.a),L=N.distanceToPoint(this.b),R=N.distanceToPoint(this.c);zn(C)&&(C=0),zn(L)&&(L=0),zn(R)&&(R=0);let U=C*L,I=C*R;if(U>0&&I>0)return!1;let k=w.distanceToPoint(v.a),H=w.distanceToPoint(v.b),G=w.distanceToPoint(v.c);zn(k)&&(k=0),zn(H)&&(H=0),zn(G)&&(G=0);let tt=k*H,q=k*G;if(tt>0&&q>0)return!1;i.copy(w.normal),r.copy(N.normal);let j=i.cross(r),Q=0,_t=Math.abs(j.x),Nt=Math.abs(j.y);Nt>_t&&(_t=Nt,Q=1),Math.abs(j.z)>_t&&(Q=2);let ht=pS[Q],xt=this.a[ht],Ct=this.b[ht],pt=this.c[ht],Ft=v.a[ht],Me=v.b[ht],Pt=v.c[ht];if(p(this,xt,Ct,pt,U,I,C,L,R,h,a))return d(this,v,S,T);if(p(v,Ft,Me,Pt,tt,q,k,H,G,u,l))return d(this,v,S,T);if(h.y<h.x){let Kt=h.y;h.y=h.x,h.x=Kt,c.copy(a.start),a.start.copy(a.end),a.end.copy(c)}if(u.y<u.x){let Kt=u.y;u.y=u.x,u.x=Kt,c.copy(l.start),l.start.copy(l.end),l.end.copy(c)}return h.y<u.x||u.y<h.x?!1:(S&&(u.x>h.x?S.start.copy(l.start):S.start.copy(a.start),u.y<h.y?S.end.copy(l.end):S.end.copy(a.end)),!0)}})();Je.prototype.distanceToPoint=(function(){let s=new A;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();Je.prototype.distanceToTriangle=(function(){let s=new A,t=new A,e=["a","b","c"],n=new hn,i=new hn;return function(o,a=null,l=null){let c=a||l?n:null;if(this.intersectsTriangle(o,c,!0))return(a||l)&&(a&&c.getCenter(a),l&&c.getCenter(l)),0;let h=1/0;for(let u=0;u<3;u++){let d,f=e[u],p=o[f];this.closestPointToPoint(p,s),d=p.distanceToSquared(s),d<h&&(h=d,a&&a.copy(s),l&&l.copy(p));let y=this[f];o.closestPointToPoint(y,s),d=y.distanceToSquared(s),d<h&&(h=d,a&&a.copy(y),l&&l.copy(s))}for(let u=0;u<3;u++){let d=e[u],f=e[(u+1)%3];n.set(this[d],this[f]);for(let p=0;p<3;p++){let y=e[p],m=e[(p+1)%3];i.set(o[y],o[m]),Xo(n,i,s,t);let g=s.distanceToSquared(t);g<h&&(h=g,a&&a.copy(s),l&&l.copy(t))}}return Math.sqrt(h)}})();var Ae=class{constructor(t,e,n){this.isOrientedBox=!0,this.min=new A,this.max=new A,this.matrix=new St,this.invMatrix=new St,this.points=new Array(8).fill().map(()=>new A),this.satAxes=new Array(3).fill().map(()=>new A),this.satBounds=new Array(3).fill().map(()=>new Cn),this.alignedSatBounds=new Array(3).fill().map(()=>new Cn),this.needsUpdate=!1,t&&this.min.copy(t),e&&this.max.copy(e),n&&this.matrix.copy(n)}set(t,e,n){this.min.copy(t),this.max.copy(e),this.matrix.copy(n),this.needsUpdate=!0}copy(t){this.min.copy(t.min),this.max.copy(t.max),this.matrix.copy(t.matrix),this.needsUpdate=!0}};Ae.prototype.update=(function(){return function(){let t=this.matrix,e=this.min,n=this.max,i=this.points;for(let c=0;c<=1;c++)for(let h=0;h<=1;h++)for(let u=0;u<=1;u++){let d=1*c|2*h|4*u,f=i[d];f.x=c?n.x:e.x,f.y=h?n.y:e.y,f.z=u?n.z:e.z,f.applyMatrix4(t)}let r=this.satBounds,o=this.satAxes,a=i[0];for(let c=0;c<3;c++){let h=o[c],u=r[c],d=1<<c,f=i[d];h.subVectors(a,f),u.setFromPoints(h,i)}let l=this.alignedSatBounds;l[0].setFromPointsField(i,"x"),l[1].setFromPointsField(i,"y"),l[2].setFromPointsField(i,"z"),this.invMatrix.copy(this.matrix).invert(),this.needsUpdate=!1}})();Ae.prototype.intersectsBox=(function(){let s=new Cn;return function(e){this.needsUpdate&&this.update();let n=e.min,i=e.max,r=this.satBounds,o=this.satAxes,a=this.alignedSatBounds;if(s.min=n.x,s.max=i.x,a[0].isSeparated(s)||(s.min=n.y,s.max=i.y,a[1].isSeparated(s))||(s.min=n.z,s.max=i.z,a[2].isSeparated(s)))return!1;for(let l=0;l<3;l++){let c=o[l],h=r[l];if(s.setFromBox(c,e),h.isSeparated(s))return!1}return!0}})();Ae.prototype.intersectsTriangle=(function(){let s=new Je,t=new Array(3),e=new Cn,n=new Cn,i=new A;return function(o){this.needsUpdate&&this.update(),o.isExtendedTriangle?o.needsUpdate&&o.update():(s.copy(o),s.update(),o=s);let a=this.satBounds,l=this.satAxes;t[0]=o.a,t[1]=o.b,t[2]=o.c;for(let d=0;d<3;d++){let f=a[d],p=l[d];if(e.setFromPoints(p,t),f.isSeparated(e))return!1}let c=o.satBounds,h=o.satAxes,u=this.points;for(let d=0;d<3;d++){let f=c[d],p=h[d];if(e.setFromPoints(p,u),f.isSeparated(e))return!1}for(let d=0;d<3;d++){let f=l[d];for(let p=0;p<4;p++){let y=h[p];if(i.crossVectors(f,y),e.setFromPoints(i,t),n.setFromPoints(i,u),e.isSeparated(n))return!1}}return!0}})();Ae.prototype.closestPointToPoint=(function(){return function(t,e){return this.needsUpdate&&this.update(),e.copy(t).applyMatrix4(this.invMatrix).clamp(this.min,this.max).applyMatrix4(this.matrix),e}})();Ae.prototype.distanceToPoint=(function(){let s=new A;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();Ae.prototype.distanceToBox=(function(){let s=["x","y","z"],t=new Array(12).fill().map(()=>new hn),e=new Array(12).fill().map(()=>new hn),n=new A,i=new A;return function(o,a=0,l=null,c=null){if(this.needsUpdate&&this.update(),this.intersectsBox(o))return(l||c)&&(o.getCenter(i),this.closestPointToPoint(i,n),o.closestPointToPoint(n,i),l&&l.copy(n),c&&c.copy(i)),0;let h=a*a,u=o.min,d=o.max,f=this.points,p=1/0;for(let m=0;m<8;m++){let g=f[m];i.copy(g).clamp(u,d);let _=g.distanceToSquared(i);if(_<p&&(p=_,l&&l.copy(g),c&&c.copy(i),_<h))return Math.sqrt(_)}let y=0;for(let m=0;m<3;m++)for(let g=0;g<=1;g++)for(let _=0;_<=1;_++){let b=(m+1)%3,v=(m+2)%3,S=g<<b|_<<v,T=1<<m|g<<b|_<<v,x=f[S],w=f[T];t[y].set(x,w);let C=s[m],L=s[b],R=s[v],U=e[y],I=U.start,k=U.end;I[C]=u[C],I[L]=g?u[L]:d[L],I[R]=_?u[R]:d[R],k[C]=d[C],k[L]=g?u[L]:d[L],k[R]=_?u[R]:d[R],y++}for(let m=0;m<=1;m++)for(let g=0;g<=1;g++)for(let _=0;_<=1;_++){i.x=m?d.x:u.x,i.y=g?d.y:u.y,i.z=_?d.z:u.z,this.closestPointToPoint(i,n);let b=i.distanceToSquared(n);if(b<p&&(p=b,l&&l.copy(n),c&&c.copy(i),b<h))return Math.sqrt(b)}for(let m=0;m<12;m++){let g=t[m];for(let _=0;_<12;_++){let b=e[_];Xo(g,b,n,i);let v=n.distanceToSquared(i);if(v<p&&(p=v,l&&l.copy(n),c&&c.copy(i),v<h))return Math.sqrt(v)}}return Math.sqrt(p)}})();var _d=class extends Zi{constructor(){super(()=>new Je)}},un=new _d;var $o=new A,vd=new A;function Jm(s,t,e={},n=0,i=1/0){let r=n*n,o=i*i,a=1/0,l=null;if(s.shapecast({boundsTraverseOrder:h=>($o.copy(t).clamp(h.min,h.max),$o.distanceToSquared(t)),intersectsBounds:(h,u,d)=>d<a&&d<o,intersectsTriangle:(h,u)=>{h.closestPointToPoint(t,$o);let d=t.distanceToSquared($o);return d<a&&(vd.copy($o),a=d,l=u),d<r}}),a===1/0)return null;let c=Math.sqrt(a);return e.point?e.point.copy(vd):e.point=vd.clone(),e.distance=c,e.faceIndex=l,e}var Lc=parseInt("187")>=169,mS=parseInt("187")<=161,Ms=new A,Es=new A,Ts=new A,Nc=new ct,Dc=new ct,Uc=new ct,jm=new A,Qm=new A,tg=new A,Yo=new A;function gS(s,t,e,n,i,r,o,a){let l;if(r===Ke?l=s.intersectTriangle(n,e,t,!0,i):l=s.intersectTriangle(t,e,n,r!==Le,i),l===null)return null;let c=s.origin.distanceTo(i);return c<o||c>a?null:{distance:c,point:i.clone()}}function eg(s,t,e,n,i,r,o,a,l,c,h){Ms.fromBufferAttribute(t,r),Es.fromBufferAttribute(t,o),Ts.fromBufferAttribute(t,a);let u=gS(s,Ms,Es,Ts,Yo,l,c,h);if(u){if(n){Nc.fromBufferAttribute(n,r),Dc.fromBufferAttribute(n,o),Uc.fromBufferAttribute(n,a),u.uv=new ct;let f=sn.getInterpolation(Yo,Ms,Es,Ts,Nc,Dc,Uc,u.uv);Lc||(u.uv=f)}if(i){Nc.fromBufferAttribute(i,r),Dc.fromBufferAttribute(i,o),Uc.fromBufferAttribute(i,a),u.uv1=new ct;let f=sn.getInterpolation(Yo,Ms,Es,Ts,Nc,Dc,Uc,u.uv1);Lc||(u.uv1=f),mS&&(u.uv2=u.uv1)}if(e){jm.fromBufferAttribute(e,r),Qm.fromBufferAttribute(e,o),tg.fromBufferAttribute(e,a),u.normal=new A;let f=sn.getInterpolation(Yo,Ms,Es,Ts,jm,Qm,tg,u.normal);u.normal.dot(s.direction)>0&&u.normal.multiplyScalar(-1),Lc||(u.normal=f)}let d={a:r,b:o,c:a,normal:new A,materialIndex:0};if(sn.getNormal(Ms,Es,Ts,d.normal),u.face=d,u.faceIndex=r,Lc){let f=new A;sn.getBarycoord(Yo,Ms,Es,Ts,f),u.barycoord=f}}return u}function ng(s){return s&&s.isMaterial?s.side:s}function Lr(s,t,e,n,i,r,o){let a=n*3,l=a+0,c=a+1,h=a+2,{index:u,groups:d}=s;s.index&&(l=u.getX(l),c=u.getX(c),h=u.getX(h));let{position:f,normal:p,uv:y,uv1:m}=s.attributes;if(Array.isArray(t)){let g=n*3;for(let _=0,b=d.length;_<b;_++){let{start:v,count:S,materialIndex:T}=d[_];if(g>=v&&g<v+S){let x=ng(t[T]),w=eg(e,f,p,y,m,l,c,h,x,r,o);if(w)if(w.faceIndex=n,w.face.materialIndex=T,i)i.push(w);else return w}}}else{let g=ng(t),_=eg(e,f,p,y,m,l,c,h,g,r,o);if(_)if(_.faceIndex=n,_.face.materialIndex=0,i)i.push(_);else return _}return null}function de(s,t,e,n){let i=s.a,r=s.b,o=s.c,a=t,l=t+1,c=t+2;e&&(a=e.getX(a),l=e.getX(l),c=e.getX(c)),i.x=n.getX(a),i.y=n.getY(a),i.z=n.getZ(a),r.x=n.getX(l),r.y=n.getY(l),r.z=n.getZ(l),o.x=n.getX(c),o.y=n.getY(c),o.z=n.getZ(c)}function ig(s,t,e,n,i,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=n,u=n+i;h<u;h++)Lr(l,t,e,h,r,o,a)}function sg(s,t,e,n,i,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=n,d=n+i;u<d;u++){let f;f=Lr(a,t,e,u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function rg(s,t,e,n,i,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=h,de(o,d*3,l,c),o.needsUpdate=!0,n(o,d,i,r))return!0}return!1}function og(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,n=e.index?e.index.array:null,i=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,p=!1){let y=d*2;if(Yt(y,a)){let m=re(d,o),g=le(y,a),_=1/0,b=1/0,v=1/0,S=-1/0,T=-1/0,x=-1/0;for(let w=3*m,N=3*(m+g);w<N;w++){let C=n[w],L=i.getX(C),R=i.getY(C),U=i.getZ(C);L<_&&(_=L),L>S&&(S=L),R<b&&(b=R),R>T&&(T=R),U<v&&(v=U),U>x&&(x=U)}return l[d+0]!==_||l[d+1]!==b||l[d+2]!==v||l[d+3]!==S||l[d+4]!==T||l[d+5]!==x?(l[d+0]=_,l[d+1]=b,l[d+2]=v,l[d+3]=S,l[d+4]=T,l[d+5]=x,!0):!1}else{let m=te(d),g=ee(d,o),_=p,b=!1,v=!1;if(t){if(!_){let C=m/8+f/32,L=g/8+f/32;b=t.has(C),v=t.has(L),_=!b&&!v}}else b=!0,v=!0;let S=_||b,T=_||v,x=!1;S&&(x=u(m,f,_));let w=!1;T&&(w=u(g,f,_));let N=x||w;if(N)for(let C=0;C<3;C++){let L=m+C,R=g+C,U=l[L],I=l[L+3],k=l[R],H=l[R+3];l[d+C]=U<k?U:k,l[d+C+3]=I>H?I:H}return N}}}function on(s,t,e,n,i){let r,o,a,l,c,h,u=1/e.direction.x,d=1/e.direction.y,f=1/e.direction.z,p=e.origin.x,y=e.origin.y,m=e.origin.z,g=t[s],_=t[s+3],b=t[s+1],v=t[s+3+1],S=t[s+2],T=t[s+3+2];return u>=0?(r=(g-p)*u,o=(_-p)*u):(r=(_-p)*u,o=(g-p)*u),d>=0?(a=(b-y)*d,l=(v-y)*d):(a=(v-y)*d,l=(b-y)*d),r>l||a>o||((a>r||isNaN(r))&&(r=a),(l<o||isNaN(o))&&(o=l),f>=0?(c=(S-m)*f,h=(T-m)*f):(c=(T-m)*f,h=(S-m)*f),r>h||c>o)?!1:((c>r||r!==r)&&(r=c),(h<o||o!==o)&&(o=h),r<=i&&o>=n)}function ag(s,t,e,n,i,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=n,u=n+i;h<u;h++){let d=c?c[h]:h;Lr(l,t,e,d,r,o,a)}}function lg(s,t,e,n,i,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=n,d=n+i;u<d;u++){let f;f=Lr(a,t,e,l?l[u]:u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function cg(s,t,e,n,i,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=e.resolveTriangleIndex(h),de(o,d*3,l,c),o.needsUpdate=!0,n(o,d,i,r))return!0}return!1}function hg(s,t,e,n,i,r,o){Gt.setBuffer(s._roots[t]),on(0,Gt.float32Array,n,r,o)&&bd(0,s,e,n,i,r,o),Gt.clearBuffer()}function bd(s,t,e,n,i,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=Gt,h=s*2;if(Yt(h,l)){let d=re(s,c),f=le(h,l);ig(t,e,n,d,f,i,r,o)}else{let d=te(s);on(d,a,n,r,o)&&bd(d,t,e,n,i,r,o);let f=ee(s,c);on(f,a,n,r,o)&&bd(f,t,e,n,i,r,o)}}var yS=["x","y","z"];function ug(s,t,e,n,i,r){Gt.setBuffer(s._roots[t]);let o=null;return on(0,Gt.float32Array,n,i,r)&&(o=wd(0,s,e,n,i,r)),Gt.clearBuffer(),o}function wd(s,t,e,n,i,r){let{float32Array:o,uint16Array:a,uint32Array:l}=Gt,c=s*2;if(Yt(c,a)){let u=re(s,l),d=le(c,a);return sg(t,e,n,u,d,i,r)}else{let u=Mr(s,l),d=yS[u],p=n.direction[d]>=0,y,m;p?(y=te(s),m=ee(s,l)):(y=ee(s,l),m=te(s));let _=on(y,o,n,i,r)?wd(y,t,e,n,i,r):null;if(_){let S=_.point[d];if(p?S<=o[m+u]:S>=o[m+u+3])return _}let v=on(m,o,n,i,r)?wd(m,t,e,n,i,r):null;return _&&v?_.distance<=v.distance?_:v:_||v||null}}var Oc=new jt,Nr=new Je,Dr=new Je,Zo=new St,dg=new Ae,Fc=new Ae;function fg(s,t,e,n){Gt.setBuffer(s._roots[t]);let i=Sd(0,s,e,n);return Gt.clearBuffer(),i}function Sd(s,t,e,n,i=null){let{float32Array:r,uint16Array:o,uint32Array:a}=Gt,l=s*2;if(i===null&&(e.boundingBox||e.computeBoundingBox(),dg.set(e.boundingBox.min,e.boundingBox.max,n),i=dg),Yt(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,p=e.attributes.position,y=re(s,a),m=le(l,o);if(Zo.copy(n).invert(),e.boundsTree)return ue(s,r,Fc),Fc.matrix.copy(Zo),Fc.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:_=>Fc.intersectsBox(_),intersectsTriangle:_=>{_.a.applyMatrix4(n),_.b.applyMatrix4(n),_.c.applyMatrix4(n),_.needsUpdate=!0;for(let b=y*3,v=(m+y)*3;b<v;b+=3)if(de(Dr,b,u,d),Dr.needsUpdate=!0,_.intersectsTriangle(Dr))return!0;return!1}});{let g=ji(e);for(let _=y*3,b=(m+y)*3;_<b;_+=3){de(Nr,_,u,d),Nr.a.applyMatrix4(Zo),Nr.b.applyMatrix4(Zo),Nr.c.applyMatrix4(Zo),Nr.needsUpdate=!0;for(let v=0,S=g*3;v<S;v+=3)if(de(Dr,v,f,p),Dr.needsUpdate=!0,Nr.intersectsTriangle(Dr))return!0}}}else{let h=te(s),u=ee(s,a);return ue(h,r,Oc),!!(i.intersectsBox(Oc)&&Sd(h,t,e,n,i)||(ue(u,r,Oc),i.intersectsBox(Oc)&&Sd(u,t,e,n,i)))}}var kc=new St,Md=new Ae,Ko=new Ae,xS=new A,_S=new A,vS=new A,bS=new A;function pg(s,t,e,n={},i={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),Md.set(t.boundingBox.min,t.boundingBox.max,e),Md.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=un.getPrimitive(),f=un.getPrimitive(),p=xS,y=_S,m=null,g=null;i&&(m=vS,g=bS);let _=1/0,b=null,v=null;return kc.copy(e).invert(),Ko.matrix.copy(kc),s.shapecast({boundsTraverseOrder:S=>Md.distanceToBox(S),intersectsBounds:(S,T,x)=>x<_&&x<o?(T&&(Ko.min.copy(S.min),Ko.max.copy(S.max),Ko.needsUpdate=!0),!0):!1,intersectsRange:(S,T)=>{if(t.boundsTree)return t.boundsTree.shapecast({boundsTraverseOrder:w=>Ko.distanceToBox(w),intersectsBounds:(w,N,C)=>C<_&&C<o,intersectsRange:(w,N)=>{for(let C=w,L=w+N;C<L;C++){de(f,3*C,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let R=S,U=S+T;R<U;R++){de(d,3*R,c,l),d.needsUpdate=!0;let I=d.distanceToTriangle(f,p,m);if(I<_&&(y.copy(p),g&&g.copy(m),_=I,b=R,v=C),I<r)return!0}}}});{let x=ji(t);for(let w=0,N=x;w<N;w++){de(f,3*w,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let C=S,L=S+T;C<L;C++){de(d,3*C,c,l),d.needsUpdate=!0;let R=d.distanceToTriangle(f,p,m);if(R<_&&(y.copy(p),g&&g.copy(m),_=R,b=C,v=w),R<r)return!0}}}}}),un.releasePrimitive(d),un.releasePrimitive(f),_===1/0?null:(n.point?n.point.copy(y):n.point=y.clone(),n.distance=_,n.faceIndex=b,i&&(i.point?i.point.copy(g):i.point=g.clone(),i.point.applyMatrix4(kc),y.applyMatrix4(kc),i.distance=y.sub(i.point).length(),i.faceIndex=v),n)}function mg(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,n=e.index?e.index.array:null,i=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,p=!1){let y=d*2;if(Yt(y,a)){let m=re(d,o),g=le(y,a),_=1/0,b=1/0,v=1/0,S=-1/0,T=-1/0,x=-1/0;for(let w=m,N=m+g;w<N;w++){let C=3*s.resolveTriangleIndex(w);for(let L=0;L<3;L++){let R=C+L;R=n?n[R]:R;let U=i.getX(R),I=i.getY(R),k=i.getZ(R);U<_&&(_=U),U>S&&(S=U),I<b&&(b=I),I>T&&(T=I),k<v&&(v=k),k>x&&(x=k)}}return l[d+0]!==_||l[d+1]!==b||l[d+2]!==v||l[d+3]!==S||l[d+4]!==T||l[d+5]!==x?(l[d+0]=_,l[d+1]=b,l[d+2]=v,l[d+3]=S,l[d+4]=T,l[d+5]=x,!0):!1}else{let m=te(d),g=ee(d,o),_=p,b=!1,v=!1;if(t){if(!_){let C=m/8+f/32,L=g/8+f/32;b=t.has(C),v=t.has(L),_=!b&&!v}}else b=!0,v=!0;let S=_||b,T=_||v,x=!1;S&&(x=u(m,f,_));let w=!1;T&&(w=u(g,f,_));let N=x||w;if(N)for(let C=0;C<3;C++){let L=m+C,R=g+C,U=l[L],I=l[L+3],k=l[R],H=l[R+3];l[d+C]=U<k?U:k,l[d+C+3]=I>H?I:H}return N}}}function gg(s,t,e,n,i,r,o){Gt.setBuffer(s._roots[t]),on(0,Gt.float32Array,n,r,o)&&Ed(0,s,e,n,i,r,o),Gt.clearBuffer()}function Ed(s,t,e,n,i,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=Gt,h=s*2;if(Yt(h,l)){let d=re(s,c),f=le(h,l);ag(t,e,n,d,f,i,r,o)}else{let d=te(s);on(d,a,n,r,o)&&Ed(d,t,e,n,i,r,o);let f=ee(s,c);on(f,a,n,r,o)&&Ed(f,t,e,n,i,r,o)}}var wS=["x","y","z"];function yg(s,t,e,n,i,r){Gt.setBuffer(s._roots[t]);let o=null;return on(0,Gt.float32Array,n,i,r)&&(o=Td(0,s,e,n,i,r)),Gt.clearBuffer(),o}function Td(s,t,e,n,i,r){let{float32Array:o,uint16Array:a,uint32Array:l}=Gt,c=s*2;if(Yt(c,a)){let u=re(s,l),d=le(c,a);return lg(t,e,n,u,d,i,r)}else{let u=Mr(s,l),d=wS[u],p=n.direction[d]>=0,y,m;p?(y=te(s),m=ee(s,l)):(y=ee(s,l),m=te(s));let _=on(y,o,n,i,r)?Td(y,t,e,n,i,r):null;if(_){let S=_.point[d];if(p?S<=o[m+u]:S>=o[m+u+3])return _}let v=on(m,o,n,i,r)?Td(m,t,e,n,i,r):null;return _&&v?_.distance<=v.distance?_:v:_||v||null}}var Bc=new jt,Ur=new Je,Or=new Je,Jo=new St,xg=new Ae,zc=new Ae;function _g(s,t,e,n){Gt.setBuffer(s._roots[t]);let i=Ad(0,s,e,n);return Gt.clearBuffer(),i}function Ad(s,t,e,n,i=null){let{float32Array:r,uint16Array:o,uint32Array:a}=Gt,l=s*2;if(i===null&&(e.boundingBox||e.computeBoundingBox(),xg.set(e.boundingBox.min,e.boundingBox.max,n),i=xg),Yt(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,p=e.attributes.position,y=re(s,a),m=le(l,o);if(Jo.copy(n).invert(),e.boundsTree)return ue(s,r,zc),zc.matrix.copy(Jo),zc.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:_=>zc.intersectsBox(_),intersectsTriangle:_=>{_.a.applyMatrix4(n),_.b.applyMatrix4(n),_.c.applyMatrix4(n),_.needsUpdate=!0;for(let b=y,v=m+y;b<v;b++)if(de(Or,3*t.resolveTriangleIndex(b),u,d),Or.needsUpdate=!0,_.intersectsTriangle(Or))return!0;return!1}});{let g=ji(e);for(let _=y,b=m+y;_<b;_++){let v=t.resolveTriangleIndex(_);de(Ur,3*v,u,d),Ur.a.applyMatrix4(Jo),Ur.b.applyMatrix4(Jo),Ur.c.applyMatrix4(Jo),Ur.needsUpdate=!0;for(let S=0,T=g*3;S<T;S+=3)if(de(Or,S,f,p),Or.needsUpdate=!0,Ur.intersectsTriangle(Or))return!0}}}else{let h=te(s),u=ee(s,a);return ue(h,r,Bc),!!(i.intersectsBox(Bc)&&Ad(h,t,e,n,i)||(ue(u,r,Bc),i.intersectsBox(Bc)&&Ad(u,t,e,n,i)))}}var Vc=new St,Cd=new Ae,jo=new Ae,SS=new A,MS=new A,ES=new A,TS=new A;function vg(s,t,e,n={},i={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),Cd.set(t.boundingBox.min,t.boundingBox.max,e),Cd.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=un.getPrimitive(),f=un.getPrimitive(),p=SS,y=MS,m=null,g=null;i&&(m=ES,g=TS);let _=1/0,b=null,v=null;return Vc.copy(e).invert(),jo.matrix.copy(Vc),s.shapecast({boundsTraverseOrder:S=>Cd.distanceToBox(S),intersectsBounds:(S,T,x)=>x<_&&x<o?(T&&(jo.min.copy(S.min),jo.max.copy(S.max),jo.needsUpdate=!0),!0):!1,intersectsRange:(S,T)=>{if(t.boundsTree){let x=t.boundsTree;return x.shapecast({boundsTraverseOrder:w=>jo.distanceToBox(w),intersectsBounds:(w,N,C)=>C<_&&C<o,intersectsRange:(w,N)=>{for(let C=w,L=w+N;C<L;C++){let R=x.resolveTriangleIndex(C);de(f,3*R,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let U=S,I=S+T;U<I;U++){let k=s.resolveTriangleIndex(U);de(d,3*k,c,l),d.needsUpdate=!0;let H=d.distanceToTriangle(f,p,m);if(H<_&&(y.copy(p),g&&g.copy(m),_=H,b=U,v=C),H<r)return!0}}}})}else{let x=ji(t);for(let w=0,N=x;w<N;w++){de(f,3*w,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let C=S,L=S+T;C<L;C++){let R=s.resolveTriangleIndex(C);de(d,3*R,c,l),d.needsUpdate=!0;let U=d.distanceToTriangle(f,p,m);if(U<_&&(y.copy(p),g&&g.copy(m),_=U,b=C,v=w),U<r)return!0}}}}}),un.releasePrimitive(d),un.releasePrimitive(f),_===1/0?null:(n.point?n.point.copy(y):n.point=y.clone(),n.distance=_,n.faceIndex=b,i&&(i.point?i.point.copy(g):i.point=g.clone(),i.point.applyMatrix4(Vc),y.applyMatrix4(Vc),i.distance=y.sub(i.point).length(),i.faceIndex=v),n)}function Rd(s,t,e){return s===null?null:(s.point.applyMatrix4(t.matrixWorld),s.distance=s.point.distanceTo(e.ray.origin),s.object=t,s)}var Hc=new Ae,Gc=new Mn,bg=new A,wg=new St,Sg=new A,Pd=["getX","getY","getZ"],Wc=class s extends Ic{static serialize(t,e={}){e={cloneBuffers:!0,...e};let n=t.geometry,i=t._roots,r=t._indirectBuffer,o=n.getIndex(),a={version:1,roots:null,index:null,indirectBuffer:null};return e.cloneBuffers?(a.roots=i.map(l=>l.slice()),a.index=o?o.array.slice():null,a.indirectBuffer=r?r.slice():null):(a.roots=i,a.index=o?o.array:null,a.indirectBuffer=r),a}static deserialize(t,e,n={}){n={setIndex:!0,indirect:!!t.indirectBuffer,...n};let{index:i,roots:r,indirectBuffer:o}=t;t.version||(console.warn("MeshBVH.deserialize: Serialization format has been changed and will be fixed up. It is recommended to regenerate any stored serialized data."),l(r));let a=new s(e,{...n,[Go]:!0});if(a._roots=r,a._indirectBuffer=o||null,n.setIndex){let c=e.getIndex();if(c===null){let h=new Ee(t.index,1,!1);e.setIndex(h)}else c.array!==i&&(c.array.set(i),c.needsUpdate=!0)}return a;function l(c){for(let h=0;h<c.length;h++){let u=c[h],d=new Uint32Array(u),f=new Uint16Array(u);for(let p=0,y=u.byteLength/32;p<y;p++){let m=8*p,g=2*m;Yt(g,f)||(d[m+6]=d[m+6]/8-p)}}}}get primitiveStride(){return 3}get resolveTriangleIndex(){return this.resolvePrimitiveIndex}constructor(t,e={}){e.maxLeafTris&&(console.warn('MeshBVH: "maxLeafTris" option has been deprecated. Use "targetLeafSize", instead.'),e={...e,targetLeafSize:e.maxLeafTris}),super(t,e)}shiftTriangleOffsets(t){return super.shiftPrimitiveOffsets(t)}writePrimitiveBounds(t,e,n){let i=this.geometry,r=this._indirectBuffer,o=i.attributes.position,a=i.index?i.index.array:null,c=(r?r[t]:t)*3,h=c+0,u=c+1,d=c+2;a&&(h=a[h],u=a[u],d=a[d]);for(let f=0;f<3;f++){let p=o[Pd[f]](h),y=o[Pd[f]](u),m=o[Pd[f]](d),g=p;y<g&&(g=y),m<g&&(g=m);let _=p;y>_&&(_=y),m>_&&(_=m),e[n+f]=g,e[n+f+3]=_}return e}computePrimitiveBounds(t,e,n){let i=this.geometry,r=this._indirectBuffer,o=i.attributes.position,a=i.index?i.index.array:null,l=o.normalized;if(t<0||e+t-n.offset>n.length/6)throw new Error("MeshBVH: compute triangle bounds range is invalid.");let c=o.array,h=o.offset||0,u=3;o.isInterleavedBufferAttribute&&(u=o.data.stride);let d=["getX","getY","getZ"],f=n.offset;for(let p=t,y=t+e;p<y;p++){let g=(r?r[p]:p)*3,_=(p-f)*6,b=g+0,v=g+1,S=g+2;a&&(b=a[b],v=a[v],S=a[S]),l||(b=b*u+h,v=v*u+h,S=S*u+h);for(let T=0;T<3;T++){let x,w,N;l?(x=o[d[T]](b),w=o[d[T]](v),N=o[d[T]](S)):(x=c[b+T],w=c[v+T],N=c[S+T]);let C=x;w<C&&(C=w),N<C&&(C=N);let L=x;w>L&&(L=w),N>L&&(L=N);let R=(L-C)/2,U=T*2;n[_+U+0]=C+R,n[_+U+1]=R+(Math.abs(C)+R)*Sr}}return n}raycastObject3D(t,e,n=[]){let{material:i}=t;if(i===void 0)return;wg.copy(t.matrixWorld).invert(),Gc.copy(e.ray).applyMatrix4(wg),Sg.setFromMatrixScale(t.matrixWorld),bg.copy(Gc.direction).multiply(Sg);let r=bg.length(),o=e.near/r,a=e.far/r;if(e.firstHitOnly===!0){let l=this.raycastFirst(Gc,i,o,a);l=Rd(l,t,e),l&&n.push(l)}else{let l=this.raycast(Gc,i,o,a);for(let c=0,h=l.length;c<h;c++){let u=Rd(l[c],t,e);u&&n.push(u)}}return n}refit(t=null){return(this.indirect?mg:og)(this,t)}raycast(t,e=Zn,n=0,i=1/0){let r=this._roots,o=[],a=this.indirect?gg:hg;for(let l=0,c=r.length;l<c;l++)a(this,l,e,t,o,n,i);return o}raycastFirst(t,e=Zn,n=0,i=1/0){let r=this._roots,o=null,a=this.indirect?yg:ug;for(let l=0,c=r.length;l<c;l++){let h=a(this,l,e,t,n,i);h!=null&&(o==null||h.distance<o.distance)&&(o=h)}return o}intersectsGeometry(t,e){let n=!1,i=this._roots,r=this.indirect?_g:fg;for(let o=0,a=i.length;o<a&&(n=r(this,o,t,e),!n);o++);return n}shapecast(t){let e=un.getPrimitive(),n=super.shapecast({...t,intersectsPrimitive:t.intersectsTriangle,scratchPrimitive:e,iterate:this.indirect?cg:rg});return un.releasePrimitive(e),n}bvhcast(t,e,n){let{intersectsRanges:i,intersectsTriangles:r}=n,o=un.getPrimitive(),a=this.geometry.index,l=this.geometry.attributes.position,c=this.indirect?p=>{let y=this.resolveTriangleIndex(p);de(o,y*3,a,l)}:p=>{de(o,p*3,a,l)},h=un.getPrimitive(),u=t.geometry.index,d=t.geometry.attributes.position,f=t.indirect?p=>{let y=t.resolveTriangleIndex(p);de(h,y*3,u,d)}:p=>{de(h,p*3,u,d)};if(r){if(!(t instanceof s))throw new Error('MeshBVH: "intersectsTriangles" callback can only be used with another MeshBVH.');let p=(y,m,g,_,b,v,S,T)=>{for(let x=g,w=g+_;x<w;x++){f(x),h.a.applyMatrix4(e),h.b.applyMatrix4(e),h.c.applyMatrix4(e),h.needsUpdate=!0;for(let N=y,C=y+m;N<C;N++)if(c(N),o.needsUpdate=!0,r(o,h,N,x,b,v,S,T))return!0}return!1};if(i){let y=i;i=function(m,g,_,b,v,S,T,x){return y(m,g,_,b,v,S,T,x)?!0:p(m,g,_,b,v,S,T,x)}}else i=p}return super.bvhcast(t,e,{intersectsRanges:i})}intersectsBox(t,e){return Hc.set(t.min,t.max,e),Hc.needsUpdate=!0,this.shapecast({intersectsBounds:n=>Hc.intersectsBox(n),intersectsTriangle:n=>Hc.intersectsTriangle(n)})}intersectsSphere(t){return this.shapecast({intersectsBounds:e=>t.intersectsBox(e),intersectsTriangle:e=>e.intersectsSphere(t)})}closestPointToGeometry(t,e,n={},i={},r=0,o=1/0){return(this.indirect?vg:pg)(this,t,e,n,i,r,o)}closestPointToPoint(t,e={},n=0,i=1/0){return Jm(this,t,e,n,i)}};var oe=s=>String(Math.round(s*1e4)/1e4),dn=s=>s==="in"?25.4:1,ge=()=>document.body.dataset.unit||"mm";var Qo=new Map;function qc(s){let t=Qo.get(s);return t||(t={users:0,shape:AS(s)},Qo.set(s,t),t.shape.catch(()=>Qo.delete(s))),t.users++,t.shape}function Mg(s){let t=Qo.get(s);!t||--t.users>0||(Qo.delete(s),t.shape.then(e=>e.dispose(),()=>{}))}async function AS(s){let t=await fetch(`/shape/${s}`);if(!t.ok)throw new Error("a part's shape could not be fetched");return new Id(s,await t.arrayBuffer())}var CS=[{n:"origin",k:"frame",label:"origin"},{n:"xy",k:"plane",label:"xy plane",z:[0,0,1]},{n:"yz",k:"plane",label:"yz plane",z:[1,0,0]},{n:"zx",k:"plane",label:"zx plane",z:[0,1,0]},{n:"x",k:"axis",label:"x axis",z:[1,0,0]},{n:"y",k:"axis",label:"y axis",z:[0,1,0]},{n:"z",k:"axis",label:"z axis",z:[0,0,1]}],RS=[["top pole","z"],["bottom pole","xy"],["right pole","x"],["left pole","yz"],["back pole","y"],["front pole","zx"]];function PS(s){if(ge()==="mm")return s;for(let t of s)t.label=t.label.replace(/Ø(\d+(?:\.\d+)?)/,(e,n)=>"Ø"+oe(Number(n)/dn(ge())));return s}var Id=class{constructor(t,e){this.sha=t;let n=new DataView(e).getUint32(0,!0),i=JSON.parse(new TextDecoder().decode(new Uint8Array(e,4,n))),r=4+n,o=u=>{let d=new Float32Array(e,r,u);return r+=4*u,d},a=u=>{let d=new Uint32Array(e,r,u);return r+=4*u,d},l=i.counts,c=o(l.positions),h=o(l.normals);this.lines=o(l.lines),this.indices=a(l.indices),this.faceEnds=a(l.face_ends),this.lineEnds=a(l.line_ends),this.color=i.color,this.features=PS(i.features),this.geometry=new se,this.geometry.setAttribute("position",new Ee(c,3)),this.geometry.setAttribute("normal",new Ee(h,3)),this.geometry.setIndex(new Ee(this.indices,1)),this.box=new jt,this.geometry.computeBoundingBox(),this.geometry.boundingBox&&this.indices.length?this.box.copy(this.geometry.boundingBox):this.box.setFromArray(this.lines),this.geometry.boundingSphere=this.box.getBoundingSphere(new $e),this.drawn=!1,this.seams=new Set(this.features.filter(u=>u.seam&&u.edge>=0).map(u=>u.edge)),this.edges=new se,this.edges.setAttribute("position",new Ee(this.segments(),3)),this.edges.boundingSphere=this.geometry.boundingSphere,this.bvh=void 0,this.byFace=new Map,this.edgeList=[],this.byName=new Map,this.twins=new Map,this.points=[],this.holes=[],this.index()}get tree(){return this.bvh===void 0&&(this.bvh=this.indices.length?new Wc(this.geometry,{indirect:!0}):null),this.bvh}segments(){let t=new Float32Array(6*Math.max(0,this.lines.length/3-this.lineEnds.length)),e=0,n=0;for(let[i,r]of this.lineEnds.entries()){for(let o=n+1;o<r&&!this.seams.has(i);o++)for(let a of[o-1,o])for(let l=0;l<3;l++)t[e++]=this.lines[3*a+l];n=r}return t.subarray(0,e)}index(){for(let t of this.features){this.byName.set(t.n,t),t.at=new A(t.o[0],t.o[1],t.o[2]),t.z&&(t.dir=new A(t.z[0],t.z[1],t.z[2]));let e=t.same&&this.byName.get(t.same)||t;e!==t&&this.twins.set(e.n,[...this.twins.get(e.n)??[],t]),t.face>=0&&this.byFace.set(t.face,e),t.edge>=0&&!t.seam&&this.edgeList.push({...this.ball(t),f:e}),t.k==="cylinder"&&t.side==="hole"&&t.ends&&e===t&&this.holes.push(t),t.vertex>=0&&!t.seam&&this.points.push(t)}for(let t of CS){let e={...t,o:[0,0,0],at:new A,face:-1,edge:-1,vertex:-1,built:!0};t.z&&(e.dir=new A(t.z[0],t.z[1],t.z[2])),this.byName.set(e.n,e)}}ball(t){let[e,n]=this.lineRange(t.edge),i=new jt,r=new A;for(let a=e;a<n;a++)i.expandByPoint(r.fromArray(this.lines,3*a));let o=i.getCenter(new A);return{f:t,from:e,to:n,c:o,r:i.isEmpty()?0:o.distanceTo(i.max)}}faceOf(t){let e=0,n=this.faceEnds.length-1;for(;e<n;){let i=e+n>>1;3*t<this.faceEnds[i]?n=i:e=i+1}return e}faceRange(t){return[t?this.faceEnds[t-1]:0,this.faceEnds[t]]}lineRange(t){return[t?this.lineEnds[t-1]:0,this.lineEnds[t]]}anchors(t){let e=[{f:t,where:t.k==="cylinder"||t.ends?"middle":""}];for(let[i,r]of(t.ends??[]).entries()){let o=new A(r[0],r[1],r[2]),a=1e-4*(1+o.length()),l=this.features.find(c=>{let h=t.k==="cylinder"&&c.k==="circle"&&Math.abs((c.r??0)-(t.r??0))<a,u=t.k==="axis"&&c.vertex>=0;return(h||u)&&c.at.distanceTo(o)<a});l&&e.push({f:l,where:i?"far end":"near end"})}if(t.k==="plane"&&t.face>=0&&e.push({f:t,where:"centre",make:[t.n]}),t.k==="axis"&&t.edge>=0&&e.push({f:t,where:"mid-edge",make:[t.n]}),t.k==="cylinder"&&e.length===3&&e.push({f:t,where:"middle point",make:[e[1].f.n,e[2].f.n]}),t.k==="sphere")for(let[i,r]of RS)e.push({f:t,where:i,make:[t.n,r]});let n=Fm(t,this.features);return n&&e.push({f:t,where:"middle of the slot",make:[t.n,n.n],as:"axis"}),e}dispose(){this.geometry.dispose(),this.edges.dispose(),this.bvh=void 0}};var Ld=class{constructor(t,e,n){this.comp=t,this.path=e.path,this.sha=e.sha,this.shape=n,this.tint=new Ot().setRGB(e.tint[0]/255,e.tint[1]/255,e.tint[2]/255,nn);let[i,r,o]=n.color??[];this.filed=n.color?new Ot().setRGB(i,r,o,nn):null,this.own=Ag(e.pose),this.world=new St,this.inverse=new St,this.box=new jt,this.center=new A,this.radius=0,this.batch=null,this.at=0,this.helpers=new Map,this.help(e.helpers),this.place()}help(t){this.helpers.clear();for(let e of t??[]){let n=new A(...e.o);this.helpers.set(e.n,{...e,at:n,dir:e.z?new A(...e.z):void 0,helper:!0})}}feature(t){return this.shape.byName.get(t)??this.helpers.get(t)}place(){this.world.multiplyMatrices(this.comp.matrix,this.own),this.inverse.copy(this.world).invert(),this.box.copy(this.shape.box),this.box.isEmpty()||(this.box.applyMatrix4(this.world),this.box.getCenter(this.center),this.radius=this.center.distanceTo(this.box.max)),this.batch&&this.batch.set(this)}toWorld(t){return t.applyMatrix4(this.world)}toOwn(t){return t.applyMatrix4(this.inverse)}},Nd=class{constructor(t){this.data=t,this.position=new A,this.quaternion=new Te,this.matrix=new St,this.inverse=new St,this.uses=[],this.visible=!0,this.chosen=null,this.aside=new A}stand(t,e){this.position.copy(t),this.quaternion.copy(e),this.matrix.compose(LS.addVectors(t,this.aside),e,Tg),this.inverse.copy(this.matrix).invert()}toWorld(t){return t.applyMatrix4(this.matrix)}toOwn(t){return t.applyMatrix4(this.inverse)}},Dd=class{constructor(){this.lines=new Yn(new se,new En({color:0})),this.lines.frustumCulled=!1,this.of=[]}gather(t){this.of=[];for(let e of t){if(!e.data.round||!e.visible)continue;let n=new A(...e.data.round.direction),i=vr(n);for(let r of e.uses){let o=new Map;for(let l of r.shape.features)l.k!=="circle"||l.same||!l.r||o.set(l.at.toArray().map(c=>c.toFixed(3)).join(),l.at.clone().addScaledVector(i,l.r));let a=[...o].map(([l,c])=>[new A(...l.split(",").map(Number)),c]);a.length&&this.of.push({u:r,ends:a})}}this.place()}place(){let t=this.of.flatMap(({u:e,ends:n})=>n.flatMap(([i,r])=>[e.toWorld(i.clone()),e.toWorld(r.clone())]));this.lines.geometry.dispose(),this.lines.geometry=new se().setFromPoints(t),this.lines.visible=t.length>0}},Xc=class{constructor(){this.root=new Fe,this.witness=new Dd,this.root.add(this.witness.lines),this.comps=new Map,this.batches=[],this.waiting=[],this.quiet=!1,this.hidden=new Set,this.clear=new Set,this.lit=null;let t={polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1,side:Le};this.faces=new cr(t),this.dimFaces=new cr({...t,transparent:!0,opacity:.18,depthWrite:!1}),this.edges=new En({transparent:!0,opacity:.75}),this.dimEdges=new En({transparent:!0,opacity:.15}),this.dashes=new ys({transparent:!0,opacity:.45,depthFunc:Zs,depthWrite:!1}),this.behind=!1,this.moved=!0,this.box=new jt,this.ball=new $e}looks(){return[this.faces,this.dimFaces,this.edges,this.dimEdges,this.dashes,this.witness.lines.material]}showBehind(t){this.behind=t;let e=this.extent();this.dashes.dashSize=(e?.radius??100)/60,this.dashes.gapSize=this.dashes.dashSize*.7,this.group()}tintOf(t){return od(t,this.quiet)}hold(t,e){t.aside.copy(e),this.move(t,t.position.clone(),t.quaternion.clone())}recolor(t){this.edges.color.set(t),this.dashes.color.set(t),this.witness.lines.material.color.set(t),this.dimEdges.color.set(t)}async show(t){let e=new Map(t.filter(l=>!l.suppressed).map(l=>[l.name,l])),n=[];for(let l of e.values()){let c=this.comps.get(l.name);(!c||Eg(c.data)!==Eg(l))&&n.push(l)}let i=new $i,r=[];for(let l of n)r.push(Promise.all(l.shapes.map(c=>qc(c.sha)))),await i.rest();let o=await Promise.all(r);for(let[l,c]of this.comps)e.has(l)||this.remove(l,c);for(let[l,c]of n.entries()){let h=this.comps.get(c.name);h&&this.remove(c.name,h);let u=new Nd(c);h&&(u.chosen=h.chosen,u.aside.copy(h.aside)),u.stand(Cs(c.pose),As(c.pose)),u.uses=c.shapes.map((d,f)=>new Ld(u,d,o[l][f])),this.comps.set(c.name,u)}let a=!1;for(let[l,c]of this.comps){let h=e.get(l);if(c.data!==h){c.data=h;for(let[u,d]of c.uses.entries())d.own.copy(Ag(h.shapes[u].pose)),d.help(h.shapes[u].helpers),d.place(),a=!0}}return a&&(this.moved=!0),(n.length||this.stale)&&this.group(),n.map(l=>l.name)}remove(t,e){this.comps.delete(t);for(let n of e.uses)Mg(n.sha);this.stale=!0}colour(t){this.quiet=t;for(let e of this.batches)e.colour(t)}group(){this.stale=!1,this.moved=!0;for(let e of this.batches)this.root.remove(...e.drawn),e.dispose();let t=new Map;for(let[e,n]of this.comps){n.visible=!this.hidden.has(e);let i=this.lit!==null&&!this.lit.has(e)||this.clear.has(e);for(let r of n.uses){if(r.batch=null,!n.visible)continue;let o=(i?"dim ":"")+r.sha,a=t.get(o);a?a.push(r):t.set(o,[r])}}this.batches=[],this.waiting=[];for(let[e,n]of t){let i=e.startsWith("dim "),[r,o]=i?[this.dimFaces,this.dimEdges]:[this.faces,this.edges],a=new bc(n[0].shape,n,r,o,this.quiet,this.behind&&!i?this.dashes:null);this.batches.push(a),n[0].shape.drawn||this.waiting.push(a),this.root.add(...a.drawn)}this.witness.gather(this.comps.values())}move(t,e,n){t.stand(e,n);for(let i of t.uses)i.place();this.moved=!0}moveInside(t,e){t.own.multiplyMatrices(t.comp.inverse,e),t.place(),this.moved=!0}some(){let t=new Set(this.waiting.splice(0,IS)),e=this.waiting.length>0;for(let n of t)n.uses[0].shape.drawn=!0;for(let n of this.batches)n.show(!e||t.has(n));return e}flush(){let t=!1;for(let e of this.batches)e.dirty&&(e.dirty=!1,t||this.witness.place(),t=!0,e.mesh.instanceMatrix.needsUpdate=!0);return t}*visible(){for(let t of this.comps.values())t.visible&&(yield*t.uses)}extent(){if(this.moved){this.moved=!1,this.box.makeEmpty();for(let t of this.visible())this.box.union(t.box);this.box.getBoundingSphere(this.ball)}return this.box.isEmpty()?null:this.ball}boxOf(t,e=""){let n=new jt;for(let i of t.uses)i.path.startsWith(e)&&n.union(i.box);return n}corners(){let t=[];for(let e of this.visible()){let n=e.shape.box;if(!n.isEmpty())for(let i=0;i<8;i++)t.push(e.toWorld(new A(i&1?n.max.x:n.min.x,i&2?n.max.y:n.min.y,i&4?n.max.z:n.min.z)))}return t}holding(t){return this.comps.get(t)||this.comps.get(t.split("/")[0])}},IS=30,Tg=new A(1,1,1),LS=new A,Eg=s=>s.shapes.map(t=>t.sha+t.path).join(),As=s=>new Te(s.quaternion[1],s.quaternion[2],s.quaternion[3],s.quaternion[0]),Cs=s=>new A(s.origin[0],s.origin[1],s.origin[2]),Ag=s=>new St().compose(Cs(s),As(s),Tg);var Cg=[45,135,20,110,70,160],NS=70,DS=1e-4,$c=class{constructor(t,e){this.scene=t,this.view=e,this.group=new Fe,this.plane=null,this.stale=!1,this.fills=new Map,this.lines=new En({color:0})}cut(t,e){this.plane=t&&e?new Ce().setFromNormalAndCoplanarPoint(e.clone().normalize().negate(),t):null;let n=this.plane?[this.plane]:[];this.view.gl.localClippingEnabled=!!this.plane;for(let i of this.scene.looks())i.clippingPlanes=n,i.needsUpdate=!0;this.stale=!0}hides(t){return!!this.plane&&this.plane.distanceToPoint(t)<-1e-6}shows(t,e){if(!this.plane)return!1;let n=new xs;return n.setFromCamera(this.view.spot(t,e),this.view.camera),n.intersectObjects(this.group.children.filter(i=>i instanceof pe)).length>0}flush(t){if(!this.stale)return;this.stale=!1,Ri(this.group);let{plane:e}=this,n=this.scene.extent();if(!e||!n)return;this.lines.color.set(t);let i=2*n.radius/NS,r=0;for(let o of this.scene.visible()){if(!o.shape.geometry||Math.abs(e.distanceToPoint(o.center))>o.radius)continue;let a=US(o,e);a.length&&this.cap(o,a,e,Cg[r++%Cg.length],i)}}cap(t,e,n,i,r){let o=vr(n.normal),a=new A().crossVectors(n.normal,o),l=e.map(p=>p.map(y=>new ct(y.dot(o),y.dot(a)))),c=n.normal.clone().multiplyScalar(-n.constant+r*.001),h=(p,y)=>c.clone().addScaledVector(o,p).addScaledVector(a,y),u=[];for(let[p,...y]of FS(l)){let m=[p,...y].flat();for(let g of gs.triangulateShape(p,y))u.push(...g.map(_=>h(m[_].x,m[_].y)))}if(u.length){let p=new pe(new se().setFromPoints(u),this.fill(t));p.renderOrder=2,this.group.add(p)}let d=kS(l,i*Math.PI/180,r).map(([p,y])=>h(p,y));for(let p of l)p.forEach((y,m)=>d.push(h(y.x,y.y),h(p[(m+1)%p.length].x,p[(m+1)%p.length].y)));let f=new Yn(new se().setFromPoints(d),this.lines);f.renderOrder=3,this.group.add(f)}fill(t){let e=this.scene.tintOf(t).clone().lerp(new Ot(16777215),.25),n=e.getHexString(),i=this.fills.get(n);return i||(i=new On({color:e,side:Le,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}),this.fills.set(n,i)),i}};function US(s,t){let e=t.clone().applyMatrix4(s.inverse),n=s.shape.geometry.getAttribute("position").array,i=s.shape.indices,{normal:r,constant:o}=e,a=new Float64Array(n.length/3),l=s.radius*1e-7;for(let p=0;p<a.length;p++)a[p]=r.x*n[3*p]+r.y*n[3*p+1]+r.z*n[3*p+2]+o||l;let c=s.radius*DS,h=p=>`${Math.round(p.x/c)},${Math.round(p.y/c)},${Math.round(p.z/c)}`,u=(p,y)=>{let m=a[p]/(a[p]-a[y]),g=_=>n[3*p+_]+m*(n[3*y+_]-n[3*p+_]);return new A(g(0),g(1),g(2))},d=new Map,f=p=>{let y=h(p);return d.has(y)||d.set(y,{p,to:[]}),y};for(let p=0;p+2<i.length;p+=3){let y=[i[p],i[p+1],i[p+2]],m=[];for(let g=0;g<3;g++){let _=y[g],b=y[(g+1)%3];a[_]<0!=a[b]<0&&m.push(f(u(_,b)))}m.length!==2||m[0]===m[1]||(d.get(m[0])?.to.push(m[1]),d.get(m[1])?.to.push(m[0]))}return OS(d).map(p=>p.map(y=>s.toWorld(y.clone())))}function OS(s){let t=[];for(let e of s.keys()){let n=[],i=e;for(;;){let r=s.get(i),o=r?.to.shift();if(!r||o===void 0)break;let a=s.get(o)?.to;if(a&&a.splice(a.indexOf(i),1),n.push(r.p),i=o,i===e)break}n.length>2&&t.push(n)}return t}function FS(s){let t=s.map((i,r)=>s.filter((o,a)=>a!==r&&Rg(i[0],o)).length),e=[],n=new Map;for(let[i,r]of s.entries())t[i]%2||(n.set(i,e.length),e.push([gs.isClockWise(r)?[...r].reverse():r]));for(let[i,r]of s.entries()){if(t[i]%2===0)continue;let o=s.findIndex((a,l)=>t[l]===t[i]-1&&Rg(r[0],a));o>=0&&e[n.get(o)].push(gs.isClockWise(r)?r:[...r].reverse())}return e}function Rg(s,t){let e=!1;for(let n=0,i=t.length-1;n<t.length;i=n++){let r=t[n],o=t[i];r.y>s.y!=o.y>s.y&&s.x<(o.x-r.x)*(s.y-r.y)/(o.y-r.y)+r.x&&(e=!e)}return e}function kS(s,t,e){let n=Math.cos(t),i=Math.sin(t),r=s.map(c=>c.map(h=>[h.x*n+h.y*i,h.y*n-h.x*i])),o=1/0,a=-1/0;for(let c of r)for(let h of c)o=Math.min(o,h[1]),a=Math.max(a,h[1]);let l=[];for(let c=(Math.floor(o/e)+.5)*e;c<a;c+=e){let h=[];for(let u of r)for(let d=0,f=u.length-1;d<u.length;f=d++)u[d][1]>c!=u[f][1]>c&&h.push(u[f][0]+(c-u[f][1])/(u[d][1]-u[f][1])*(u[d][0]-u[f][0]));h.sort((u,d)=>u-d);for(let u=0;u+1<h.length;u+=2)for(let d of[h[u],h[u+1]])l.push([d*n-c*i,d*i+c*n])}return l}var Pg={type:"change"},Od={type:"start"},Lg={type:"end"},Yc=new Mn,Ig=new Ce,BS=Math.cos(70*Vu.DEG2RAD),ze=new A,xn=2*Math.PI,ne={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Ud=1e-6,Zc=class extends To{constructor(t,e=null){super(t,e),this.state=ne.NONE,this.target=new A,this.cursor=new A,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:kn.ROTATE,MIDDLE:kn.DOLLY,RIGHT:kn.PAN},this.touches={ONE:Wi.ROTATE,TWO:Wi.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new A,this._lastQuaternion=new Te,this._lastTargetPosition=new A,this._quat=new Te().setFromUnitVectors(t.up,new A(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new dr,this._sphericalDelta=new dr,this._scale=1,this._panOffset=new A,this._rotateStart=new ct,this._rotateEnd=new ct,this._rotateDelta=new ct,this._panStart=new ct,this._panEnd=new ct,this._panDelta=new ct,this._dollyStart=new ct,this._dollyEnd=new ct,this._dollyDelta=new ct,this._dollyDirection=new A,this._mouse=new ct,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=VS.bind(this),this._onPointerDown=zS.bind(this),this._onPointerUp=HS.bind(this),this._onContextMenu=ZS.bind(this),this._onMouseWheel=qS.bind(this),this._onKeyDown=XS.bind(this),this._onTouchStart=$S.bind(this),this._onTouchMove=YS.bind(this),this._onMouseDown=GS.bind(this),this._onMouseMove=WS.bind(this),this._interceptControlDown=KS.bind(this),this._interceptControlUp=JS.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(t){this._cursorStyle=t,t==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(t){super.connect(t),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=ne.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(t){t.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=t}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Pg),this.update(),this.state=ne.NONE}pan(t,e){this._pan(t,e),this.update()}dollyIn(t){this._dollyIn(t),this.update()}dollyOut(t){this._dollyOut(t),this.update()}rotateLeft(t){this._rotateLeft(t),this.update()}rotateUp(t){this._rotateUp(t),this.update()}update(t=null){let e=this.object.position;ze.copy(e).sub(this.target),ze.applyQuaternion(this._quat),this._spherical.setFromVector3(ze),this.autoRotate&&this.state===ne.NONE&&this._rotateLeft(this._getAutoRotationAngle(t)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let n=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(n)&&isFinite(i)&&(n<-Math.PI?n+=xn:n>Math.PI&&(n-=xn),i<-Math.PI?i+=xn:i>Math.PI&&(i-=xn),n<=i?this._spherical.theta=Math.max(n,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(n+i)/2?Math.max(n,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let r=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let o=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),r=o!=this._spherical.radius}if(ze.setFromSpherical(this._spherical),ze.applyQuaternion(this._quatInverse),e.copy(this.target).add(ze),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let o=null;if(this.object.isPerspectiveCamera){let a=ze.length();o=this._clampDistance(a*this._scale);let l=a-o;this.object.position.addScaledVector(this._dollyDirection,l),this.object.updateMatrixWorld(),r=!!l}else if(this.object.isOrthographicCamera){let a=new A(this._mouse.x,this._mouse.y,0);a.unproject(this.object);let l=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),r=l!==this.object.zoom;let c=new A(this._mouse.x,this._mouse.y,0);c.unproject(this.object),this.object.position.sub(c).add(a),this.object.updateMatrixWorld(),o=ze.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;o!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(o).add(this.object.position):(Yc.origin.copy(this.object.position),Yc.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Yc.direction))<BS?this.object.lookAt(this.target):(Ig.setFromNormalAndCoplanarPoint(this.object.up,this.target),Yc.intersectPlane(Ig,this.target))))}else if(this.object.isOrthographicCamera){let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),o!==this.object.zoom&&(this.object.updateProjectionMatrix(),r=!0)}return this._scale=1,this._performCursorZoom=!1,r||this._lastPosition.distanceToSquared(this.object.position)>Ud||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Ud||this._lastTargetPosition.distanceToSquared(this.target)>Ud?(this.dispatchEvent(Pg),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(t){return t!==null?xn/60*this.autoRotateSpeed*t:xn/60/60*this.autoRotateSpeed}_getZoomScale(t){let e=Math.abs(t*.01);return Math.pow(.95,this.zoomSpeed*e)}_rotateLeft(t){this._sphericalDelta.theta-=t}_rotateUp(t){this._sphericalDelta.phi-=t}_panLeft(t,e){ze.setFromMatrixColumn(e,0),ze.multiplyScalar(-t),this._panOffset.add(ze)}_panUp(t,e){this.screenSpacePanning===!0?ze.setFromMatrixColumn(e,1):(ze.setFromMatrixColumn(e,0),ze.crossVectors(this.object.up,ze)),ze.multiplyScalar(t),this._panOffset.add(ze)}_pan(t,e){let n=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;ze.copy(i).sub(this.target);let r=ze.length();r*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*t*r/n.clientHeight,this.object.matrix),this._panUp(2*e*r/n.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(t*(this.object.right-this.object.left)/this.object.zoom/n.clientWidth,this.object.matrix),this._panUp(e*(this.object.top-this.object.bottom)/this.object.zoom/n.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(t,e){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let n=this.domElement.getBoundingClientRect(),i=t-n.left,r=e-n.top,o=n.width,a=n.height;this._mouse.x=i/o*2-1,this._mouse.y=-(r/a)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(t){return Math.max(this.minDistance,Math.min(this.maxDistance,t))}_handleMouseDownRotate(t){this._rotateStart.set(t.clientX,t.clientY)}_handleMouseDownDolly(t){this._updateZoomParameters(t.clientX,t.clientY),this._dollyStart.set(t.clientX,t.clientY)}_handleMouseDownPan(t){this._panStart.set(t.clientX,t.clientY)}_handleMouseMoveRotate(t){this._rotateEnd.set(t.clientX,t.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(t){this._dollyEnd.set(t.clientX,t.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(t){this._panEnd.set(t.clientX,t.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(t){this._updateZoomParameters(t.clientX,t.clientY),t.deltaY<0?this._dollyIn(this._getZoomScale(t.deltaY)):t.deltaY>0&&this._dollyOut(this._getZoomScale(t.deltaY)),this.update()}_handleKeyDown(t){let e=!1;switch(t.code){case this.keys.UP:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),e=!0;break;case this.keys.BOTTOM:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),e=!0;break;case this.keys.LEFT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),e=!0;break;case this.keys.RIGHT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),e=!0;break}e&&(t.preventDefault(),this.update())}_handleTouchStartRotate(t){if(this._pointers.length===1)this._rotateStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),n=.5*(t.pageX+e.x),i=.5*(t.pageY+e.y);this._rotateStart.set(n,i)}}_handleTouchStartPan(t){if(this._pointers.length===1)this._panStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),n=.5*(t.pageX+e.x),i=.5*(t.pageY+e.y);this._panStart.set(n,i)}}_handleTouchStartDolly(t){let e=this._getSecondPointerPosition(t),n=t.pageX-e.x,i=t.pageY-e.y,r=Math.sqrt(n*n+i*i);this._dollyStart.set(0,r)}_handleTouchStartDollyPan(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enablePan&&this._handleTouchStartPan(t)}_handleTouchStartDollyRotate(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enableRotate&&this._handleTouchStartRotate(t)}_handleTouchMoveRotate(t){if(this._pointers.length==1)this._rotateEnd.set(t.pageX,t.pageY);else{let n=this._getSecondPointerPosition(t),i=.5*(t.pageX+n.x),r=.5*(t.pageY+n.y);this._rotateEnd.set(i,r)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(t){if(this._pointers.length===1)this._panEnd.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),n=.5*(t.pageX+e.x),i=.5*(t.pageY+e.y);this._panEnd.set(n,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(t){let e=this._getSecondPointerPosition(t),n=t.pageX-e.x,i=t.pageY-e.y,r=Math.sqrt(n*n+i*i);this._dollyEnd.set(0,r),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let o=(t.pageX+e.x)*.5,a=(t.pageY+e.y)*.5;this._updateZoomParameters(o,a)}_handleTouchMoveDollyPan(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enablePan&&this._handleTouchMovePan(t)}_handleTouchMoveDollyRotate(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enableRotate&&this._handleTouchMoveRotate(t)}_addPointer(t){this._pointers.push(t.pointerId)}_removePointer(t){delete this._pointerPositions[t.pointerId];for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId){this._pointers.splice(e,1);return}}_isTrackingPointer(t){for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId)return!0;return!1}_trackPointer(t){let e=this._pointerPositions[t.pointerId];e===void 0&&(e=new ct,this._pointerPositions[t.pointerId]=e),e.set(t.pageX,t.pageY)}_getSecondPointerPosition(t){let e=t.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[e]}_customWheelEvent(t){let e=t.deltaMode,n={clientX:t.clientX,clientY:t.clientY,deltaY:t.deltaY};switch(e){case 1:n.deltaY*=16;break;case 2:n.deltaY*=100;break}return t.ctrlKey&&!this._controlActive&&(n.deltaY*=10),n}};function zS(s){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(s.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(s)&&(this._addPointer(s),s.pointerType==="touch"?this._onTouchStart(s):this._onMouseDown(s),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function VS(s){this.enabled!==!1&&(s.pointerType==="touch"?this._onTouchMove(s):this._onMouseMove(s))}function HS(s){switch(this._removePointer(s),this._pointers.length){case 0:this.domElement.releasePointerCapture(s.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(Lg),this.state=ne.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],e=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:e.x,pageY:e.y});break}}function GS(s){let t;switch(s.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case kn.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(s),this.state=ne.DOLLY;break;case kn.ROTATE:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=ne.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=ne.ROTATE}break;case kn.PAN:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=ne.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=ne.PAN}break;default:this.state=ne.NONE}this.state!==ne.NONE&&this.dispatchEvent(Od)}function WS(s){switch(this.state){case ne.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(s);break;case ne.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(s);break;case ne.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(s);break}}function qS(s){this.enabled===!1||this.enableZoom===!1||this.state!==ne.NONE||(s.preventDefault(),this.dispatchEvent(Od),this._handleMouseWheel(this._customWheelEvent(s)),this.dispatchEvent(Lg))}function XS(s){this.enabled!==!1&&this._handleKeyDown(s)}function $S(s){switch(this._trackPointer(s),this._pointers.length){case 1:switch(this.touches.ONE){case Wi.ROTATE:if(this.enableRotate===!1){this.state=ne.NONE;break}this._handleTouchStartRotate(s),this.state=ne.TOUCH_ROTATE;break;case Wi.PAN:if(this.enablePan===!1){this.state=ne.NONE;break}this._handleTouchStartPan(s),this.state=ne.TOUCH_PAN;break;default:this.state=ne.NONE}break;case 2:switch(this.touches.TWO){case Wi.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(s),this.state=ne.TOUCH_DOLLY_PAN;break;case Wi.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(s),this.state=ne.TOUCH_DOLLY_ROTATE;break;default:this.state=ne.NONE}break;default:this.state=ne.NONE}this.state!==ne.NONE&&this.dispatchEvent(Od)}function YS(s){switch(this._trackPointer(s),this.state){case ne.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(s),this.update();break;case ne.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(s),this.update();break;case ne.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(s),this.update();break;case ne.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(s),this.update();break;default:this.state=ne.NONE}}function ZS(s){this.enabled!==!1&&s.preventDefault()}function KS(s){s.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function JS(s){s.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var Ng=28,jS=.2,Kc=class{constructor(t,e,n,i){this.box=t,this.extent=e,this.before=n,this.after=i,this.width=Math.max(t.clientWidth,1),this.height=Math.max(t.clientHeight,1),this.gl=this.renderer(),this.world=new us,this.overlay=new us,this.top=null,this.asked=!1,this.askedOver=!1,this.bare=!0,this.camera=new ln(Ng,1,1,1e5),this.camera.up.set(0,0,1),this.world.add(new bo(16777215,13221806,1.9),new Eo(16777215,.25));let r=new Mo(16777215,1.3);r.position.set(2,-3,5),this.world.add(r),this.controls=new Zc(this.camera,this.gl.domElement),this.controls.mouseButtons={LEFT:kn.ROTATE,MIDDLE:kn.PAN,RIGHT:kn.PAN},this.controls.enableDamping=!1,this.controls.zoomToCursor=!0,this.controls.addEventListener("change",()=>this.draw()),new ResizeObserver(()=>this.resize()).observe(t),this.resize(),setTimeout(()=>{this.top??=this.over()})}resize(){this.width=Math.max(this.box.clientWidth,1),this.height=Math.max(this.box.clientHeight,1),this.gl.setSize(this.width,this.height),this.top?.setSize(this.width,this.height),this.camera.aspect=this.width/this.height,this.camera.updateProjectionMatrix(),this.draw()}draw(){this.asked||(this.asked=!0,requestAnimationFrame(()=>{if(this.asked=!1,this.before()){this.makeReady(),this.draw();return}this.fitDepth(),this.gl.render(this.world,this.camera),this.drawTop(),this.after()}))}into(t,e,n){for(;this.before();)this.makeReady();this.fitDepth(),this.gl.render(this.world,this.camera);let i=this.gl.domElement,r=e.clone().project(this.camera),o=new A().setFromMatrixColumn(this.camera.matrixWorld,0).multiplyScalar(n).add(e).project(this.camera),a=Math.min(i.height,Math.max(t.height,Math.abs(o.x-r.x)*i.width)),l=a*t.width/t.height,[c,h]=[(r.x+1)/2*i.width-l/2,(1-r.y)/2*i.height-a/2];t.getContext("2d")?.drawImage(i,c,h,l,a,0,0,t.width,t.height)}drawOver(){this.asked||this.askedOver||(this.askedOver=!0,requestAnimationFrame(()=>{this.askedOver&&this.drawTop()}))}drawTop(){this.askedOver=!1;let t=!this.overlay.children.some(e=>e.children.length>0);t&&this.bare||(this.bare=t,this.top??=this.over(),this.top.render(this.overlay,this.camera))}makeReady(){this.gl.setScissorTest(!0),this.gl.setScissor(0,0,1,1),this.gl.render(this.world,this.camera),this.gl.setScissorTest(!1)}over(){let t=this.renderer();return t.domElement.className="top",t.setSize(this.width,this.height),t.render(new us().add(Om()),this.camera),t}renderer(){let t=document.createElement("canvas"),e=Math.min(devicePixelRatio||1,2);t.width=Math.floor(this.width*e),t.height=Math.floor(this.height*e);let n=new uc({canvas:t,antialias:!0,alpha:!0,powerPreference:"low-power"});return n.setPixelRatio(e),this.box.append(t),n}fitDepth(){let t=this.extent();if(!t)return;let e=this.camera.position.distanceTo(t.center);this.camera.near=Math.max(e-t.radius*2.5,e/2e3,.001),this.camera.far=e+t.radius*4,this.controls.maxDistance=1/0,this.camera.updateProjectionMatrix()}parallel(t){let e=t?jS:Ng;if(this.camera.fov===e)return;let n=Math.tan(this.camera.fov*Math.PI/360)/Math.tan(e*Math.PI/360);this.camera.fov=e,this.camera.updateProjectionMatrix(),this.nearer(n)}kept(){let{camera:t,controls:e}=this;return{eye:t.position.toArray(),at:e.target.toArray(),fov:t.fov}}restore(t){this.camera.fov=t.fov,this.camera.updateProjectionMatrix(),this.camera.position.fromArray(t.eye),this.controls.target.fromArray(t.at),this.controls.update(),this.draw()}home(t,e){let n=this.extent();if(!n)return;let i=(e??new A(.62,-.72,.46)).clone().normalize(),r=n.radius/Math.sin(this.camera.fov*Math.PI/360)/Math.min(1,this.camera.aspect);this.controls.target.copy(n.center);let o=new A;for(let a=0;a<6;a++){this.camera.position.copy(n.center).addScaledVector(i,r),this.camera.lookAt(n.center),this.camera.updateMatrixWorld(!0);let l=0;for(let c of t)o.copy(c).project(this.camera),l=Math.max(l,Math.abs(o.x)/.84,Math.abs(o.y)/.72);l>0&&(r*=1+(l-1)*.8)}this.camera.position.copy(n.center).addScaledVector(i,r),this.controls.update(),this.draw()}turn(t,e){let n=this.camera.position.clone().sub(this.controls.target);n.applyAxisAngle(new A(0,0,1),t);let i=new A().crossVectors(this.camera.up,n).normalize(),r=n.clone().applyAxisAngle(i,e);Math.abs(r.clone().normalize().z)<.995&&n.copy(r),this.camera.position.copy(this.controls.target).add(n),this.controls.update(),this.draw()}nearer(t){let e=this.camera.position.clone().sub(this.controls.target).multiplyScalar(t);this.camera.position.copy(this.controls.target).add(e),this.controls.update(),this.draw()}project(t){let e=t.clone().project(this.camera);return new ct((e.x+1)/2*this.width,(1-e.y)/2*this.height)}pixel(t){return 2*this.camera.position.distanceTo(t)*Math.tan(this.camera.fov*Math.PI/360)/this.height}spot(t,e){return new ct(t/this.width*2-1,1-e/this.height*2)}beside(t,e,n){let i=new A,r=new A;this.camera.matrixWorld.extractBasis(i,r,new A);let o=this.pixel(t);return t.clone().addScaledVector(i,e*o).addScaledVector(r,n*o)}};var QS={put:"put this",put_too:"and this",on_too:"and this",about:"about this"},Dg=matchMedia("(prefers-reduced-motion: reduce)"),tM=.9,eM=260,nM=2200,Jc=class{constructor(t,e){this.scene=new Xc,this.view=new Kc(t,()=>this.scene.extent(),()=>this.flush(),()=>this.labels.place()),this.labels=new mc(e,this.view),this.section=new $c(this.scene,this.view),this.origins=new xc(this.scene,this.view),this.picker=new _c(this.scene,this.view,this.section),this.handles=new yc(this.view,this.picker),this.before=new Map,this.hover=new Bo(this.view),this.picked=new Bo(this.view),this.marks=new gc(this.scene,this.labels),this.hand=new Fe;let{world:n}=this.view;n.add(this.scene.root,this.marks.group,this.picked.group,this.hand),n.add(this.section.group,this.handles.group,this.origins.lines),this.view.overlay.add(this.hover.group),this.scene.recolor(Qn("--ink")),this.showFreedoms=!0,this.previewing=!1,this.motions=[],this.pickList=[],this.gliding=0,addEventListener("themechange",()=>{this.scene.recolor(Qn("--ink")),this.freedoms(),this.draw()})}flush(){return this.scene.some()?!0:(this.scene.flush()&&(this.section.stale=!0),this.section.flush(Qn("--ink")),this.origins.flush(Qn("--ink")),!1)}showHandles(t,e,n){let i=t?this.comps.get(t):null,r=[new A(1,0,0),new A(0,1,0),new A(0,0,1)];if(e&&i)for(let o of r)o.applyQuaternion(i.quaternion);if(this.handles.show(i?n?new A:i.position:null,r),this.labels.clear("handle"),i)for(let o of[0,1,2])this.labels.add("handle","xyz"[o],()=>this.handles.tip(o),"put");this.draw()}handleAt(t,e){return this.handles.find(t,e)}alongHandle(t,e,n,i){return this.handles.along(t,e,n,i)}tryHandle(t,e,n,i){let r=this.handles.motion(e,n,i);for(let o of t){let a=this.comps.get(o);if(!a)continue;this.before.set(o,this.before.get(o)??{o:a.position.clone(),q:a.quaternion.clone()});let l=this.before.get(o),c=new Te().setFromRotationMatrix(r).multiply(l.q);this.scene.move(a,l.o.clone().applyMatrix4(r),c)}this.draw()}holdAside(t){for(let[e,n]of this.comps){let i=t.get(e)??new A;n.aside.distanceTo(i)>1e-9&&this.scene.hold(n,i)}this.refreshPicked(),this.freedoms(),this.draw()}setClear(t){this.scene.clear=t,this.scene.group(),this.section.stale=!0,this.draw()}tint(t,e){let n=this.comps.get(t);n&&(n.chosen=e?new Ot(e):null,this.scene.colour(this.scene.quiet),this.draw())}get comps(){return this.scene.comps}get hidden(){return this.scene.hidden}colours(){this.scene.colour(!this.scene.quiet),this.draw()}draw(){this.view.draw()}async show(t,e){let n=await this.scene.show(t.components);await new $i().later(),this.motions=t.motions,this.goTo(new Map(t.components.map(i=>[i.name,i.pose]))),!e&&n.length&&this.home(),this.draw()}home(t){this.view.home(this.scene.corners(),t)}extentOf(t){let e=this.comps.get(t);return e?this.scene.boxOf(e).getSize(new A):null}goTo(t){cancelAnimationFrame(this.gliding),this.before.clear();let e=[];for(let[l,c]of t){let h=this.comps.get(l);if(!h)continue;let u=Cs(c),d=As(c);h.position.distanceTo(u)<1e-9&&Math.abs(h.quaternion.dot(d))>1-1e-12||e.push([h,h.position.clone(),h.quaternion.clone(),u,d])}if(!e.length){this.freedoms();return}let n=performance.now(),i=Dg.matches?0:eM,r=new A,o=new Te,a=l=>{let c=i?Math.min(1,(l-n)/i):1,h=c*c*(3-2*c);for(let[u,d,f,p,y]of e)this.scene.move(u,r.lerpVectors(d,p,h),o.slerpQuaternions(f,y,h));c<1?this.gliding=requestAnimationFrame(a):this.freedoms(),this.refreshPicked(),this.draw()};a(n)}places(t){this.labels.clear("place");for(let e of t){let n=new A().fromArray(e.at);this.labels.add("place",e.text,()=>n,e.kind)}this.draw()}picture(t,e,n,i){let r=this.comps.get(t);if(!r)return"";let[o,a]=[r.position.clone(),r.quaternion.clone()];this.scene.move(r,Cs(e),As(e));let l=document.createElement("canvas");[l.width,l.height]=[n,i];let c=this.scene.boxOf(r);return this.view.into(l,c.getCenter(new A),c.getSize(new A).length()*tM),this.scene.move(r,o,a),this.draw(),l.toDataURL()}swing(t,e){cancelAnimationFrame(this.gliding);let n=(e.length-1)/2,i=performance.now(),r=Dg.matches?0:nM;return this.labels.clear("motion"),new Promise(o=>{let a=l=>{let c=r?Math.min(1,(l-i)/r):1,h=Math.max(0,Math.min(e.length-1,n+n*Math.sin(c*2*Math.PI)*(1-.12*c))),u=Math.min(Math.floor(h),e.length-1);this.between(t,e[u],e[Math.min(u+1,e.length-1)],h-u),this.draw(),c<1?this.gliding=requestAnimationFrame(a):o(void 0)};this.gliding=requestAnimationFrame(a)})}between(t,e,n,i){for(let[r,o]of t.entries()){let a=this.comps.get(o);a&&e[r]&&this.scene.move(a,Cs(e[r]).lerp(Cs(n[r]),i),As(e[r]).slerp(As(n[r]),i))}}setHidden(t){this.scene.hidden=t,this.scene.group(),this.section.stale=!0,this.freedoms(),this.draw()}light(t){!t&&!this.scene.lit||(this.scene.lit=t&&new Set(t),this.scene.group(),this.draw())}candidates(t,e,n){return this.picker.candidates(t,e,n)}partAt(t,e){return this.picker.partAt(t,e)}part(t){let e=this.scene.holding(t);if(!e||!e.visible)return null;let n=this.comps.has(t)?"":t.split("/").slice(1).join("/"),i=n===""||n===e.data.base?"":n+"/",r=e.uses.find(o=>o.path.startsWith(i));return r?{frame:i?r:e,middle:this.scene.boxOf(e,i).getCenter(new A)}:null}put(t,e,n){cancelAnimationFrame(this.gliding),this.marks.clear(),Ri(this.hand);let i=new A,r=new Te,o=[];for(let[a,l]of t.entries()){let c=e.subarray(7*a,7*a+7);i.set(c[0],c[1],c[2]),r.set(c[4],c[5],c[6],c[3]);let h=this.scene.holding(l);if(!h)continue;let u=this.comps.has(l)?"":l.split("/").slice(1).join("/");u===""||u===h.data.base?this.scene.move(h,i,r):o.push({k:h,path:u+"/",m:new St().compose(i,r,new A(1,1,1))})}for(let{k:a,path:l,m:c}of o)for(let h of a.uses)h.path===l&&this.scene.moveInside(h,c);if(n){let a=Vo(n,Qn("--slate"),this.view.pixel(n[0])*6,this.view.pixel(n[0])*4);a.renderOrder=8,this.hand.add(a)}this.refreshPicked(),this.draw()}find(t){return Fd(this.comps,t)}spot(t){let e=t.s,n=t.f.at.clone();if(t.f.edge>=0){let[i,r]=e.shape.lineRange(t.f.edge),o=i+Math.floor((r-i)*.6);o<r&&n.fromArray(e.shape.lines,3*o)}return e.toWorld(n)}setHover(t){this.hover.clear(),this.hover.draw(t,"hover"),this.view.drawOver()}setPicked(t){this.pickList=t,this.refreshPicked(),this.draw()}refreshPicked(){this.picked.clear(),this.labels.clear("pick");for(let{c:t,role:e}of this.pickList){let n=t?.s;n&&(this.picked.draw(t,e),this.labels.add("pick",QS[e]??"on this",()=>n.toWorld(t.f.at.clone()),e))}}freedoms(){Ri(this.hand),this.showFreedoms&&!this.previewing?this.marks.draw(this.motions):this.marks.clear()}};function Fd(s,t){let e=t.split("/"),n=e.pop();if(e[0]==="@")return{k:null,s:null,f:{n,k:{xy:"plane",yz:"plane",zx:"plane",origin:"frame"}[n]||"axis",label:n,o:[0,0,0],at:new A,face:-1,edge:-1,vertex:-1},ref:t};let i=s.get(e[0]),r=e.slice(1).map(l=>l+"/").join(""),o=i?.uses.find(l=>l.path===r),a=o?.feature(n);return a?{k:i,s:o,f:a,ref:t}:null}var jc=class{constructor(){this.comps=new Map,this.hidden=new Set,this.showFreedoms=!1,this.previewing=!1;let t={eye:[0,0,0],at:[0,0,0],fov:28};this.view={controls:{enabled:!1},turn(){},nearer(){},parallel(){},restore(){},kept:()=>t},this.scene={clear:new Set,edges:{},extent:()=>null},this.section={cut(){},plane:null},this.origins={on:!1}}async show(t){this.comps=new Map;for(let e of t.components){if(e.suppressed)continue;let n={data:e,uses:[]};n.uses=await Promise.all(e.shapes.map(i=>iM(n,i))),this.comps.set(e.name,n)}}find(t){return Fd(this.comps,t)}setHidden(t){this.hidden=t}setClear(t){this.scene.clear=t}holdAside(){}tint(){}showHandles(){}tryHandle(){}handleAt(){return null}alongHandle(){return null}extentOf(){return null}goTo(){}light(){}places(){}picture(){return""}setPicked(){}setHover(){}home(){}draw(){}freedoms(){}colours(){}candidates(){return[]}partAt(){return null}async swing(){}};async function iM(s,t){let e=await qc(t.sha),n=new Map((t.helpers??[]).map(i=>[i.n,{...i,helper:!0}]));return{comp:s,path:t.path,shape:e,helpers:n,feature:i=>e.byName.get(i)??n.get(i)}}function Mt(s,t,...e){let n=document.createElement(s);return n.className=t,n.append(...e),n}function Qc(s,t){let e=s.children[t];if(e){for(let n of s.children)n.tabIndex=n===e?0:-1;e.focus({preventScroll:!0}),e.scrollIntoView({block:"nearest"})}}var di=s=>document.querySelector(s),sM={seat:"",stack:"on one axis",pattern:"alike"};function kd(s,t){let e=Mt("button","plain",s);return e.type="button",e.dataset.implied=t,e}var th=class{constructor(t){this.b=t,this.box=di("#implied"),this.cards=di("#implied-cards"),this.found=null,this.decided=new Map,this.begun=!1,this.box.addEventListener("click",e=>this.click(e.target)),this.box.addEventListener("keydown",e=>this.key(e)),this.box.addEventListener("focusin",e=>this.lightCard(e.target))}get on(){return!this.box.hidden}wanted(t){return t.components.length>1&&!Object.keys(t.mates).length}invite(t){di("#inviting").hidden=this.on||!this.wanted(t)}async open(t){this.b.close(),this.show(!0),this.cards.replaceChildren(),di("#implied-notes").replaceChildren(),di("#implied-sum").textContent="Looking at what touches what …";try{this.found=await this.b.call(`implied${t?`?base=${encodeURIComponent(t)}`:""}`)}catch(e){this.show(!1),this.b.tell(e.message,!0);return}this.decided.clear(),this.begun=!1,this.draw(),this.goTo(0)}show(t){this.box.hidden=!t,di("#account").classList.toggle("accounting",t);let e=this.b.state();e&&this.invite(e),t||this.b.stage.light(null)}draw(){let t=this.found;t&&(this.cards.replaceChildren(...t.groups.map((e,n)=>this.card(t,e,n))),di("#implied-base").replaceChildren(Mt("b","",t.base||"Nothing")," stands. ",kd("another base","base")),this.notes(t),this.sum())}card(t,e,n){let i=Mt("li","impliedcard");i.tabIndex=-1,i.dataset.card=String(n);let r=sM[e.kind]??"",o=Mt("span","takes",`−${e.removes}`),a=Mt("div","cardhead",Mt("b","",e.name),Mt("span","soft",r),Mt("span","grow"),o),l=Mt("ul","cardlines",...e.relations.map(h=>this.line(t,h,!0)));i.append(a,l);let c=[...t.also,...t.held].filter(h=>this.about(t.relations[h],e.components));if(c.length){let h=Mt("details","cardmore",Mt("summary","",`${c.length} more`));h.append(Mt("ul","cardlines",...c.map(u=>this.line(t,u,!1)))),i.append(h)}return i.append(Mt("div","cardfoot",kd("Take","take"),kd("Refuse","refuse"),Mt("span","decided soft"))),i}about(t,e){return e.includes(t.b.split("/")[0])}line(t,e,n){let i=t.relations[e],r=document.createElement("input");r.type="checkbox",r.checked=n,r.dataset.id=e;let o=i.removes?`−${i.removes}`:"repeats",a=Mt("span","",i.says," ",Mt("span","soft",i.why));return Mt("li","",Mt("label","",r,a,Mt("span","takes",o)))}notes(t){let e=[],n=(i,r)=>{if(!r.length)return;let o=Mt("details","cardmore",Mt("summary","",`${i} (${r.length})`));o.append(Mt("ul","impliedsaid",...r.map(a=>Mt("li","",a)))),e.push(o)};di("#implied-below").replaceChildren(...t.below.map(i=>{let r=Mt("a","",i.name);return r.href=`/a/${i.id}#account`,Mt("p","notice","Nothing relates the parts inside ",r," yet: account for it first.")})),n("Alone: nothing touches them",t.alone.map(i=>{let r=i.near.map(o=>`${o.component} ${o.mm} mm`).join(", ");return`${i.component}; nearest ${r||"nothing"}`})),n("Apart by a little",t.apart.map(i=>`${i.mm} mm apart: ${i.b} and ${i.a} (${i.what})`)),n("It could be otherwise",t.doubts),n("Hints",t.hints.map(i=>`${i.b} and ${i.a}: ${i.says}`)),di("#implied-notes").replaceChildren(...e)}sum(){let t=this.found;if(!t)return;let e=t.groups.length-this.decided.size,n=this.box.querySelector('[data-implied="all"]');n.hidden=!e,n.textContent=`Take all ${e>1?`${e} `:""}that ${e===1?"is":"are"} left`,di("#implied-sum").textContent=t.groups.length?`${this.decided.size} of ${t.groups.length} decided`:"Nothing that is placed here touches anything else."}goTo(t){Qc(this.cards,t)}lightCard(t){let e=this.found?.groups[Number(t.closest("[data-card]")?.dataset.card??-1)];if(!e)return;let n=e.relations.map(i=>this.found?.relations[i].a.split("/")[0]??"");this.b.stage.light([...new Set([...e.components,...n])])}next(t){let e=this.cards.children.length;for(let n=1;n<=e;n++)if(!this.decided.has((t+n)%e))return(t+n)%e;return-1}ticked(t){return t.flatMap(n=>[...this.cards.children[n].querySelectorAll("input:checked")]).map(n=>n.dataset.id??"")}async take(t,e){let n=this.found;if(!n)return;let i=this.ticked(t);if(!i.length){for(let a of t)this.decide(a,"refused");return}let r=this.begun?{}:{stands:n.base,order:n.order};if(!await this.b.act({do:"adopt",as:e,relations:i.map(a=>n.relations[a].mate),...r}))return;this.begun=!0;for(let a of t)this.decide(a,"taken");let o=this.next(Math.max(...t));o>=0?this.goTo(o):this.finish()}decide(t,e){let n=this.cards.children[t];if(this.decided.get(t)!=="taken"){this.decided.set(t,e),n.dataset.decided=e,n.querySelector(".decided").textContent=e;for(let i of n.querySelectorAll("input, [data-implied='take'], [data-implied='refuse']"))i.disabled=e==="taken";this.sum()}}finish(){let t=this.b.state();this.show(!1),this.b.tell(`Accounted for: ${t?.verdict??""}.`),this.b.back()}key(t){let e=t.target,n=Number(e.closest("[data-card]")?.dataset.card??-1);if(!t.ctrlKey&&!t.altKey&&!t.metaKey){if(t.key==="Escape")this.leave();else{if(n<0||e.matches("button, summary"))return;if(t.key==="Enter")this.takeOne(n);else if(t.key==="Backspace"||t.key==="Delete")this.refuse(n);else if(t.key==="ArrowDown")this.goTo(n+1);else if(t.key==="ArrowUp")this.goTo(n-1);else return}t.preventDefault(),t.stopPropagation()}}leave(){this.show(!1),this.b.back()}takeOne(t){this.decided.get(t)!=="taken"&&this.found&&this.take([t],this.found.groups[t].name)}refuse(t){if(this.decided.get(t)==="taken")return;this.decide(t,"refused");let e=this.next(t);e>=0?this.goTo(e):this.finish()}click(t){let e=t.closest("[data-card]"),n=Number(e?.dataset.card??-1);switch(t.closest("[data-implied]")?.dataset.implied){case"take":this.takeOne(n);return;case"refuse":this.refuse(n);return;case"all":this.takeRest();return;case"leave":this.leave();return;case"base":this.b.palette.open((this.found?.order??[]).map(i=>({words:i,run:()=>this.open(i)})));return}e&&!t.closest("input, label, summary")&&this.goTo(n)}takeRest(){let t=[...this.cards.children].map((e,n)=>n).filter(e=>!this.decided.has(e));t.length&&this.take(t,t.length===1?this.found?.groups[t[0]].name??"":"what is placed")}};var Bd=s=>s.k==="cylinder"?`axis of ${s.label}`:s.label,Zt=s=>s.replaceAll("/"," › ");function Vn(s){if(!s.k||!s.s)return`${s.f.n==="origin"?"origin":s.f.n+(s.f.k==="plane"?" plane":" axis")} · the assembly`;let t=s.s.path?" › "+Zt(s.s.path.replace(/\/$/,"")):"",e=s.f.built?"":`${s.f.hint?" · "+s.f.hint:""} (${s.f.n})`;return`${s.where?s.where+" of ":""}${Bd(s.f)} · ${s.k.data.name}${t}${e}`}function eh(s){let t=s.trim().replace(",",".").replace("−","-"),e=Number(t);return t===""||!isFinite(e)?null:e}function nh(s){let t=/^(.+?)\s*(?:\bto\b|\.\.+|…|–)\s*(.+)$/.exec(s.trim());return t&&[t[1],t[2]]}function _n(s,t,e){let n=s.trim();if(!n)return;let i=eh(n);return i===null?n:t!=="in"?i:e?i*dn(t):`${i} in`}var rM={vector:["x","y","z"],limits:["lo","hi"]};function oM(s){let t=document.createElement("label");if(t.className=`saidfield k-${s.kind}`,t.dataset.name=s.name,t.append(s.said),s.kind==="word"){let e=document.createElement("select");return e.className="numslot",e.append(...(s.words??[]).map(n=>new Option(n,n,n==="nearest",n==="nearest"))),t.append(e),t}for(let[e,n]of(rM[s.kind]??[""]).entries()){s.kind==="limits"&&e&&t.append("to");let i=document.createElement("input");i.className="numslot",i.placeholder=s.kind==="limits"?"any":s.name.startsWith("at.")?"free":"0",i.setAttribute("aria-label",`${s.said} ${n}`.trim()),t.append(i)}return s.unit&&t.append(s.unit),t}var ih=class{constructor(t,e){this.box=t,this.fields=[],t.addEventListener("input",e)}show(t){t.length===this.fields.length&&t.every((n,i)=>n.name===this.fields[i].name)||(this.fields=t,this.box.replaceChildren(...t.map(oM)),this.box.hidden=!t.length)}input(t){return[...this.box.children].find(n=>n instanceof HTMLElement&&n.dataset.name===t)?.querySelector("input, select")??null}clear(){for(let t of this.box.querySelectorAll("input"))t.value=""}read(){let t={};for(let[e,n]of this.fields.entries()){let i=[...this.box.children[e].querySelectorAll("input, select")].map(l=>l.value);if(n.kind==="word"){i[0]!=="nearest"&&(t[n.name]=i[0]);continue}if(i.every(l=>!l.trim()))continue;let r=n.kind==="limits"&&!i[1].trim()&&nh(i[0]);r&&i.splice(0,2,...r);let o=n.kind==="plain"||n.kind==="vector",a=i.map(l=>_n(l,n.unit,o)??(n.kind==="limits"?null:0));t[n.name]=a.length>1?a:a[0]}return t}};function Ug({state:s,hands:t,ask:e,palette:n,act:i,tell:r}){let o=s.joints.flatMap(d=>d.of.map(f=>({...f,joint:d.id,parts:s.mates[d.id]??[]}))),a=o.filter(d=>t.some(f=>d.parts.includes(f))),l=a.length?a:o;if(!l.length){r("No joint here has a coordinate that could be brought anywhere.");return}let c=d=>d.angular?"°":ge(),h=d=>oe(d.at/(d.angular?1:dn(ge()))),u=async d=>{let f=await e(`Bring ${d.name.replaceAll("_"," ")} of ${Zt(d.joint)} (${c(d)}) to, or keep it within (0 to 90)`,h(d));if(f===null||f===h(d))return;let p=nh(f)?.map(m=>_n(m,d.angular?"":ge()));if(p){let m={do:"limit",relation:d.joint,of:d.name};if(p.every(g=>typeof g=="number")){i({...m,lo:p[0],hi:p[1]});return}for(let[g,_]of p.entries())if(!await i({...m,end:g?"hi":"lo",...typeof _=="number"?{to:_}:{text:_}}))return;return}let y=_n(f,d.angular?"":ge());y===void 0?r("Write a number, such as 12.5, or a sum, such as depth + 3 mm.",!0):i({do:"bring",relation:d.joint,of:d.name,...typeof y=="number"?{to:y}:{text:y}})};l.length===1?u(l[0]):n.open(l.map(d=>({words:`${d.name.replaceAll("_"," ")} of ${Zt(d.joint)}`,keys:`${h(d)} ${c(d)}`,help:"bring joint",run:()=>u(d)})))}var Ii=s=>document.querySelector(s);function fi(s,t){let e=Ii("#asking"),n=Ii("#asking-text");return Ii("#asking-h").textContent=s,n.value=t,e.returnValue="",e.showModal(),n.select(),n.onkeydown=i=>{i.key==="Enter"&&(i.preventDefault(),e.close("go"))},new Promise(i=>e.addEventListener("close",()=>i(e.returnValue==="go"?n.value.trim():null),{once:!0}))}var aM=99,sh=class{constructor(t,e){this.any=e,this.box=Ii("#placing"),this.wanted=new Map,this.box.addEventListener("click",n=>this.more(n)),this.box.addEventListener("input",n=>this.typed(n)),this.box.addEventListener("close",()=>{this.box.returnValue==="go"&&t(this.chosen())}),this.box.addEventListener("keydown",n=>{n.key!=="Enter"||!(n.target instanceof HTMLInputElement)||(n.preventDefault(),this.chosen().length&&this.box.close("go"))})}open(){this.wanted=new Map;for(let t of this.box.querySelectorAll("[data-key]"))t.value="0";this.box.returnValue="",this.box.showModal(),this.box.querySelector("[data-more]")?.focus(),this.count()}more(t){let e=t.target.closest("[data-more]");if(!e)return;let n=document.getElementById(e.dataset.more??"");n.value=String(Number(n.value)+1),this.want(n),this.count(),t.shiftKey&&this.box.close("go")}typed(t){let e=t.target;e.dataset.key?this.want(e):this.find(e.value.toLowerCase()),this.count()}find(t){for(let e of this.box.querySelectorAll(".pickparts li"))e.hidden=!(e.dataset.words??"").includes(t)}want(t){let e=Math.max(0,Math.min(aM,Math.floor(Number(t.value))||0)),n=t.dataset.key??"";e?this.wanted.set(n,e):this.wanted.delete(n)}chosen(){return[...this.wanted].flatMap(([t,e])=>Array(e).fill(t))}count(){let t=this.chosen().length,e=Ii("#placego");e.textContent=t?`Place ${t}`:"Place",e.disabled=!t,Ii("#placing-base").textContent=this.base()}base(){if(this.any())return"Arrivals are spread out so that none hides another.";let[t]=this.wanted.keys();return t?`${this.box.querySelector(`[data-key="${t}"]`)?.closest("li")?.querySelector(".strong")?.textContent} was chosen first: it is the base, grounded on the origin.`:"Choose the base first: it is grounded on the origin, the others are spread out beside it."}},rh=class{constructor(){this.box=Ii("#commands"),this.find=Ii("#command-find"),this.list=Ii("#command-list"),this.all=[],this.shown=[],this.at=0,this.find.addEventListener("input",()=>this.show()),this.find.addEventListener("keydown",t=>this.key(t))}open(t){this.all=t,this.find.value="",this.show(),this.box.showModal(),this.find.focus()}show(){let t=this.find.value.toLowerCase().split(/\s+/).filter(Boolean);this.shown=this.all.filter(e=>{let n=`${e.words} ${e.help??""}`.toLowerCase();return t.every(i=>n.includes(i))}),this.at=0,this.list.replaceChildren(...this.shown.map((e,n)=>this.row(e,n)))}row(t,e){let n=document.createElement("li");n.id=`cmd-${e}`,n.setAttribute("role","option"),n.setAttribute("aria-selected",String(e===0));let i=document.createElement("span");i.textContent=t.words,t.help&&(i.title=t.help);let r=document.createElement("span");return r.className="soft",r.textContent=t.keys??"",n.append(i,r),n.addEventListener("click",()=>this.run(e)),n}run(t){this.box.close();let e=this.shown[t];e&&setTimeout(e.run,0)}key(t){let e={ArrowDown:1,ArrowUp:-1}[t.key];if(e&&this.shown.length){t.preventDefault(),this.at=(this.at+e+this.shown.length)%this.shown.length;for(let[n,i]of[...this.list.children].entries())i.setAttribute("aria-selected",String(n===this.at));this.list.children[this.at].scrollIntoView({block:"nearest"}),this.find.setAttribute("aria-activedescendant",`cmd-${this.at}`)}t.key==="Enter"&&(t.preventDefault(),this.run(this.at))}};var lM=400,cM=4,hM=["at odds","blocked","incomplete"],uM=[{kind:"press",words:"A press fit: it is meant to be held by its overlap"},{kind:"thread",words:"A thread in its hole, up to the thread's depth"},{kind:"mesh",words:"Teeth in mesh"},{kind:"ignore",words:"Leave it: it is no matter here"}],dM=s=>document.querySelector(s),oh=class{constructor(t){this.b=t,this.box=dM("#clashes"),this.found=null,this.wait=0,this.seq=-1,this.own="",this.box.addEventListener("click",e=>this.click(e.target)),document.addEventListener("click",e=>{e.target.closest(".v-clashes")&&this.box.scrollIntoView({block:"end"})})}soon(t){this.seq=t.seq,this.own=t.verdict,clearTimeout(this.wait),this.box.hidden=t.components.length<2,this.box.setAttribute("aria-busy","true"),this.box.hidden||(this.wait=window.setTimeout(()=>this.look(t.seq),lM+cM*t.components.length))}async look(t){this.found||this.box.replaceChildren(Mt("h3","","Passing through"),Mt("p","soft","Looking …"));try{let e=await this.b.call("clash");if(t!==this.seq)return;this.found=e}catch(e){if(t!==this.seq)return;this.found=null,this.box.replaceChildren(Mt("h3","","Passing through"),Mt("p","notice",e.message));return}finally{t===this.seq&&this.box.removeAttribute("aria-busy")}this.show()}show(){let t=this.found,e=[...t.pairs.filter(l=>l.kind==="clash").map(l=>["clash",l]),...t.undecided.map(l=>["undecided",l]),...t.pairs.filter(l=>l.kind==="fit").map(l=>["fit",l])],n=e.map(([l,c],h)=>this.row(l,c,h)),i=t.pairs.filter(l=>l.kind==="touch").length,r=t.no_shape.length?`, ${t.no_shape.length} without a shape`:"",o=`${t.looked_at} pairs looked at, ${i} touch${r}.`,a=t.verdict==="clear"?"Nothing passes through anything. ":"";this.list=e.map(([,l])=>l),this.box.replaceChildren(Mt("h3","","Passing through"),...n,Mt("p","soft small",a+o)),this.verdict(t.verdict==="clash"&&!hM.includes(this.own))}verdict(t){let e=t?"clashes":this.own;for(let n of document.querySelectorAll("#balance .verdict, #findings .verdict"))n.textContent=e,n.className=`verdict v-${e.replaceAll(" ","-")}`,n.title=t?"Show what passes through what":""}row(t,e,n){let i=Mt("p",`finding f-${t==="clash"?"at-odds":t==="fit"?"quiet":"loose"}`);i.dataset.pair=String(n);let r=Mt("button","tag term",t);r.type="button",r.dataset.term=t,r.title="What is this?";let o=Mt("span","say",`${Zt(e.a)} and ${Zt(e.b)}`);e.depth_mm!=null&&o.append(Mt("small","",`${oe(e.depth_mm)} mm deep, ${oe(e.volume_mm3??0)} mm³`)),e.why&&o.append(Mt("small","",e.why)),e.fit&&o.append(Mt("small","",`meant: ${e.fit}`));let a=Mt("span","acts");return e.at&&a.append(this.button("show","show")),t==="fit"?a.append(this.button("unfit","withdraw")):t==="clash"&&a.append(this.button("fit","meant …")),i.append(r,o,a),i}button(t,e){let n=Mt("button","plain",e);return n.type="button",n.dataset.clash=t,n}click(t){let e=t.closest("[data-clash]"),n=t.closest("[data-pair]"),i=this.list?.[Number(n?.dataset.pair??-1)];!e||!i||(e.dataset.clash==="show"?this.reveal(i):e.dataset.clash==="fit"?this.meant(i):this.b.act({do:"fit",a:i.a,b:i.b}))}reveal(t){let{stage:e,looks:n}=this.b;e.light([t.a,t.b].map(i=>i.split("/")[0])),t.at&&n.cutFacing(t.at,`where ${Zt(t.a)} and ${Zt(t.b)} overlap`)}meant(t){this.b.palette.open(uM.map(e=>({words:e.words,run:async()=>{let n=await fi(`${Zt(t.a)} and ${Zt(t.b)} are meant to overlap, because`,"");n!==null&&this.b.act({do:"fit",a:t.a,b:t.b,kind:e.kind,note:n})}})))}};async function Og(s,t,e,n){let i=n?"°":"mm";s.tell(`Looking how far ${Zt(t)} goes …`);let r;try{r=await s.call(`travel?joint=${encodeURIComponent(t)}&of=${e}`)}catch(u){s.tell(u.message,!0);return}let[o,a]=r.stopped_by.map(pM),l=u=>u==null?"any":`${oe(u)} ${i}`,c=`${e.replaceAll("_"," ")} of ${Zt(t)}: down to ${l(r.from)} (${o}), up to ${l(r.to)} (${a})`;if(r.from==null&&r.to==null){s.tell(`${c}: nothing to limit.`);return}let h=(r.in_one_another??[]).map(u=>u.map(Zt).join(" and "));h.length&&s.tell(`${h.join("; ")} are in one another already, and stop nothing here.`,!0),s.palette.open([{words:`Limit it so — ${c}`,run:()=>s.act({do:"limit",relation:t,of:e,...fM(r)})},{words:"Leave it as it is",run:()=>s.tell(c)}])}function fM(s){let t={};return s.from!=null&&(t.lo=s.from),s.to!=null&&(t.hi=s.to),t}function pM(s){return s.a?`${Zt(s.a)} meets ${Zt(s.b??"")}`:s.limit?`limit of ${Zt(s.joint??"")}`:s.why==="nothing"?"nothing stops it":s.why??""}var ah=class{constructor(t){this.b=t,this.queue=[],this.whole=0,this.repeats=""}meant(t,e){let n=this.b.several();if(n.length>=e)return n;let i=e>1?"Choose two lines or more, by Ctrl or the space bar":"Point at a part, or choose lines by Ctrl";return this.b.tell(`${i}, then ${t}.`),null}async form(){let t=this.meant("form a subassembly of them",2);if(!t)return;let e=await this.b.ask(`Subassembly of ${t.length} parts`,"");e&&(this.b.clear(),await this.b.post("form",{components:t,name:e})&&this.b.tell(`${e} is on the Shelf too, and can be used again.`))}async dissolve(){let[t]=this.meant("dissolve it",1)??[];t&&await this.b.act({do:"dissolve",component:t})}async copy(){let t=this.meant("copy them",1);t&&await this.make(t)}async again(){let t=this.b.several()[0]||this.b.last();if(!t){this.b.tell("Nothing is seated yet that could be repeated.");return}this.repeats=t,await this.make([t])}async make(t){try{let{open:e}=await this.b.call("open",{components:t});if(this.b.clear(),!await this.b.act({do:"copy",components:t}))return;this.queue=e,this.whole=e.length,this.next()}catch(e){this.b.tell(e.message,!0)}}async next(){let t=this.queue[0];if(!t){this.repeats&&this.whole&&await this.again();return}let e=this.b.stage.find(t.put);if(!e){this.skip();return}let{sentence:n}=this.b;n.clear(),n.wanted=t.type,await n.fill("put",e),n.say(`${this.whole-this.queue.length+1} of ${this.whole}, as ${t.of}: pick what it goes on. Escape leaves the rest.`)}posted(){this.queue.length&&this.skip()}skip(){this.queue.shift(),this.next()}stop(){let t=this.queue.length>0||this.repeats!=="";return this.repeats&&this.whole&&this.queue.length===this.whole&&setTimeout(()=>this.b.back("undo"),0),this.queue=[],this.repeats="",t}};var ta=null;function zd(){ta?.toggle(!1)}var pi=class{constructor(t,e){this.form=t,this.saying=e,t.addEventListener("submit",n=>{n.preventDefault(),this.send()}),t.addEventListener("keydown",n=>{n.key==="Escape"&&(n.stopPropagation(),this.toggle(!1))})}get on(){return!this.form.hidden}get(t){return this.form.querySelector(`#${t}`)}toggle(t=!this.on){t&&ta!==this&&zd(),this.form.hidden=!t,this.saying.hidden=t,t?ta=this:ta===this&&(ta=null)}say(t,e){let n=this.form.querySelector(".hint");n.textContent=t,n.classList.toggle("bad",!!e)}send(){}};function Fg(s,t){let e=t.base!==void 0;if(e&&s?.seq!==t.base)return null;let n=e?s:null,i=new Map((n?.components??[]).map(l=>[l.name,l])),r=t.order.map(l=>t.components[l]??i.get(l)),o={};for(let l of t.line_order)o[l]=t.lines[l]??n?.lines[l];let a={...n?.mates??{},...t.mates};for(let l of t.gone??[])delete a[l];return{seq:t.seq,components:r,line_order:t.line_order,lines:o,mates:a,motions:t.motions??n?.motions??[],findings:t.findings??n?.findings??"",balance:t.balance,joints:t.joints,settings:t.settings,groups:t.groups,variants:t.variants,views:t.views,verdict:t.verdict,undo:t.undo,redo:t.redo}}var fn=s=>new Map((s?.components??[]).map(t=>[t.name,t.pose])),Vd=(s,t)=>[...new Set(t.flatMap(e=>s.mates[e]??[]))];function Hd(s){let t=new Set(Object.values(s?.mates??{}).flat().map(e=>e.split("/")[0]));return s?.components.find(e=>!e.grounded&&!e.suppressed&&!t.has(e.name))?.name??""}var mM=500,kg={gear:["angle","angle"],rack:["angle","slide"],screw:["angle","slide"],cam:["angle","slide"]},lh=class extends pi{constructor(t,e){super(t,e.sentence.form),this.sentence=e.sentence,this.b=e,this.picks=[],this.limits=null,this.trial=0,this.taking=!1,this.told="",this.wait=0,this.joints=[],t.addEventListener("input",n=>{n.target.id==="profile"&&this.forget(),this.show(),this.soon()}),this.get("cam-edge").addEventListener("click",()=>this.fromEdge())}toggle(t=!this.on){if(super.toggle(t),this.forPicks(!1),!t){clearTimeout(this.wait),this.trial++,this.back();return}this.show(),this.soon(),this.get("couple-a").focus()}take(t){this.joints=t,this.form.hidden||this.show()}show(){let t=this.get("couple-type").value;for(let[r,o]of["couple-a","couple-b"].entries()){let a=this.get(o),l=a.value,c=this.joints.filter(u=>u.of.some(d=>d.name===kg[t][r]));a.replaceChildren(...c.map(u=>new Option(u.id,u.id)));let h=c.filter(u=>r===0||u.id!==this.get("couple-a").value);a.value=c.some(u=>u.id===l)?l:(h[0]??c[0])?.id??""}for(let r of this.form.querySelectorAll("[data-kind]"))r.hidden=!(r.dataset.kind??"").split(" ").includes(t);let[e,n]=[this.get("couple-a").value,this.get("couple-b").value],i=!!e&&!!n&&(t!=="gear"||e!==n);this.get("couplepost").disabled=!i,this.say(i?"It asks one condition: what turns there moves the other.":gM(t))}act(){let t=this.get("couple-type").value,e=a=>this.get(a).value.trim(),n=a=>String(_n(e(a),ge())??""),i=a=>Math.round(Number(e(a)))||0,r={do:"couple",type:t,a:this.get("couple-a").value,b:this.get("couple-b").value};switch(t){case"gear":return e("ratio")?{...r,ratio:e("ratio")}:{...r,teeth_a:i("teeth-a"),teeth_b:i("teeth-b"),inside:e("mesh")==="inside"};case"cam":{let a={...r,profile:Gd(e("profile")),spline:this.get("spline").checked};return this.limits&&this.get("cam-limit").checked?{...a,limits:this.limits}:a}}let o=e("way")==="shrinks";return e("lead")?{...r,lead:n("lead"),reverse:o}:t==="rack"?{...r,module:n("module"),teeth:i("teeth"),reverse:o}:{...r,pitch:n("pitch"),starts:i("starts"),reverse:o}}async send(){let t=this.act();if("profile"in t&&!t.profile){this.say("Write the lifts as pairs of degrees and mm, such as 0, 0; 90, 12; 180, 0.",!0);return}await this.b.act(t)&&this.toggle(!1)}complete(t){if(!t.a||!t.b||t.type==="gear"&&t.a===t.b)return!1;switch(t.type){case"gear":return!!t.ratio||t.teeth_a>0&&t.teeth_b>0;case"cam":return!!t.profile;case"rack":return!!t.lead||!!t.module&&t.teeth>0}return!!t.lead||!!t.pitch}soon(){clearTimeout(this.wait),this.wait=window.setTimeout(()=>this.try(),mM)}async try(){let t=this.act();if(!this.on||!this.complete(t))return;let e=++this.trial,n;try{n=await this.b.call("coupled",t)}catch(r){e===this.trial&&this.say(r.message,!0);return}if(e!==this.trial)return;let i=this.told?`${this.told} · `:"";n.odds?this.say(i+n.odds,!0):this.say(`${i}${n.before} → ${n.after} freedoms · ${n.note??"shown moving together"}`),!(n.odds||!n.poses||n.poses.length<2)&&(await this.b.stage.swing(n.names,n.poses),e===this.trial&&this.back())}back(){this.b.stage.goTo(fn(this.b.state))}forget(){this.told="",this.limits=null,this.get("cam-limit").parentElement.hidden=!0}forPicks(t){this.picks=[],t?this.sentence.taking=e=>this.pick(e):this.taking&&(this.sentence.taking=null),this.taking=t,this.b.stage.setPicked([])}fromEdge(){this.forget(),this.forPicks(!0),this.say("Pick the cam's flat face: its edge is what the follower runs on.")}async pick(t){if(this.picks.push(t),this.b.stage.setPicked(this.picks.map((i,r)=>({c:i,role:r?"on":"put"}))),this.picks.length<2){this.say("Now pick what of the follower touches it: a flat, the round of a roller, a ball, a point.");return}let[e,n]=this.picks;this.forPicks(!1);try{let[i,r]=[this.get("couple-a").value,this.get("couple-b").value],o=await this.b.call("cam",{Turn:i,Slide:r,Edge:e.ref,Tip:n.ref});this.get("profile").value=o.profile.map(a=>a.join(", ")).join("; "),this.get("spline").checked=!1,this.limits=[o.from_mm,o.to_mm],this.get("cam-limit").parentElement.hidden=!1,this.told=yM(o),this.say(this.told),this.soon()}catch(i){this.say(i.message,!0)}}};function gM(s){let[t,e]=kg[s];return`A ${s} ties a joint with an ${t} to one with ${e==="angle"?"an angle":"a slide"}: make those joints first.`}function Gd(s){let t=s.split(/[;\n]/).map(e=>e.trim()).filter(Boolean).map(e=>e.split(/[,\s]+/).map(Number));return t.length>1&&t.every(e=>e.length===2&&e.every(isFinite))?t:null}function yM(s){let t=i=>oe(Math.round(i*1e3)/1e3),e=`now ${t(Math.abs(s.gap_mm))} mm ${s.gap_mm>0?"off the cam":"inside the cam"}`,n=[[s.from_mm,s.from_at_deg],[s.to_mm,s.to_at_deg]].map(([i,r])=>`${t(i)} at ${oe(r)}°`);return`${s.called}: stroke ${t(s.stroke_mm)} mm, ${n.join(" to ")}, ${Math.abs(s.gap_mm)<.001?"touching now":e}`}function Bg(s){return{place:{words:"Place parts",key:"p",help:"from the Shelf, so many of each",run:()=>s.placing.open()},undo:{words:"Take back the last line",key:"ctrl z",keys:"Ctrl Z",help:"undo",run:()=>s.back("undo")},redo:{words:"Do again what was taken back",key:"ctrl y",keys:"Ctrl Y",help:"redo",run:()=>s.back("redo")},home:{words:"Show everything, or the home view",key:"h",help:"fit the view",run:()=>bM(s)},...xM(s),freedoms:{words:"Marks: freedoms, origins too, or none",key:"f",help:"what is left, as arrows",run:()=>SM(s)},colours:{words:"Colours of the files, or the quiet palette",key:"c",help:"color",run:()=>s.stage.colours()},tug:{words:"Pull parts about by hand",key:"t",help:"drag, move",run:()=>s.tug.toggle()},sentence:{words:"Begin a sentence",key:"s",help:"type a feature, relate, mate, constraint, relation, joint",run:()=>s.sentence.begin()},facing:{words:"Turn the alignment, sign or side round",key:"r",help:"flip, reverse",run:()=>s.sentence.flip()},quarter:{words:"A quarter turn more",key:"w",help:"rotate 90",run:()=>vM(s)},couple:{words:"Couple two joints",key:"l",help:"gear, rack, screw, cam, link",run:()=>s.coupling.toggle()},run:{words:"Run a motion, and see what is met",key:"alt r",keys:"Alt R",help:"drive, animate, clash, scrub",run:()=>s.running.toggle()},settings:{words:"Settings of this assembly",key:",",help:"tolerances, named values, spin",run:()=>s.settings()},keys:{words:"The keys on one sheet",key:"?",help:"help, shortcuts",run:()=>s.keys()},"step-back":{words:"Take back the last pick",key:"backspace",keys:"Backspace",run:()=>s.sentence.stepBack()},clear:{words:"Clear the sentence",key:"escape",keys:"Esc",run:()=>s.sentence.clear()},"next-under":{words:"Next feature under the cursor",key:"q",run:()=>s.pointer.next()},"next-end":{words:"Next end of the feature under the cursor",key:"e",run:()=>s.pointer.nextEnd()},"pick-all":{words:"Pick anything",key:"alt 1",keys:"Alt 1",run:()=>s.pointer.setFilter("all")},"pick-face":{words:"Pick faces only",key:"alt 2",keys:"Alt 2",run:()=>s.pointer.setFilter("face")},"pick-axis":{words:"Pick axes only",key:"alt 3",keys:"Alt 3",run:()=>s.pointer.setFilter("axis")},"pick-rim":{words:"Pick rims only",key:"alt 4",keys:"Alt 4",run:()=>s.pointer.setFilter("rim")},"pick-point":{words:"Pick points only",key:"alt 5",keys:"Alt 5",run:()=>s.pointer.setFilter("point")},fold:{words:"Fold the account away, or bring it back",key:"y",help:"hide panel",run:()=>s.divider.fold()},account:{words:"Go to the account",key:"a",run:()=>s.ledger.focus()},stage:{words:"Go to the stage",key:"g",run:()=>s.view.focus()},everything:{words:"Everything that can be done",key:"/",run:()=>s.everything()},"ground-origin":{words:"Ground a part on the origin",help:"fix, lock",run:()=>s.withPart(t=>s.act({do:"ground",component:t,on:!0,origin:!0}))},"ground-here":{words:"Ground a part where it stands",help:"fix, lock",run:()=>s.withPart(t=>s.act({do:"ground",component:t,on:!0}))},unground:{words:"Unground a part",run:()=>s.withPart(t=>s.act({do:"ground",component:t,on:!1}))},remove:{words:"Remove a part",keys:"Delete on its line",help:"delete",run:()=>s.withPart(t=>s.act({do:"remove",component:t}))},title:{words:"Rename this assembly",run:()=>s.title()},"hold-fasteners":{words:"Count the spin of fasteners as loose",run:()=>s.act({do:"settings",fasteners_held:!0})},"free-fasteners":{words:"Let fasteners spin",run:()=>s.act({do:"settings",fasteners_held:!1})},export:{words:"Save as an assembly file",help:"export",run:()=>location.assign(`/a/${s.asm}/export`)},save:{words:"Save with the files of its parts, as a zip",help:"export, pack, bundle, archive",run:()=>location.assign(`/a/${s.asm}/save`)},shelf:{words:"Go to the Shelf",run:()=>_M()}}}function xM(s){return{views:{words:"Views: front, top, along an axis …",key:"v",help:"parallel, keep a view",run:()=>s.looks.views()},section:{words:"Section through what is pointed at",key:"x",help:"cut, clip",run:()=>s.looks.section()},hide:{words:"Hide a part, or show it",key:"i",help:"invisible",run:()=>s.looks.hide()},only:{words:"Show only a part",key:"o",help:"isolate",run:()=>s.looks.only()},"see-through":{words:"See through a part",key:"u",help:"transparent, ghost",run:()=>s.looks.seeThrough()},"hidden-edges":{words:"Edges behind faces",help:"hidden lines, dashed, x-ray",run:()=>s.looks.hiddenEdges()},aside:{words:"Hold a part aside, or put it back",key:"b",help:"draw apart, explode",run:()=>s.looks.aside()},"aside-all":{words:"All parts apart, or together",key:"alt b",keys:"Alt B",help:"explode",run:()=>s.looks.asideAll()},move:{words:"Move parts by exact amounts",key:"m",help:"shift, turn, rotate, transform, handles",run:()=>s.moving.toggle()},form:{words:"Form a subassembly of chosen parts",key:"alt g",keys:"Alt G",help:"group",run:()=>s.copying.form()},dissolve:{words:"Dissolve a subassembly",help:"ungroup, explode",run:()=>s.copying.dissolve()},copy:{words:"Copy parts with their relations",key:"d",help:"duplicate, repeat",run:()=>s.copying.copy()},again:{words:"The part seated last, again here",key:"z",help:"repeat, place again",run:()=>s.copying.again()},shake:{words:"Shake what is loose",key:"k",help:"tug test, what moves",run:()=>s.shake()},"next-loose":{words:"Next loose part",key:"n",help:"find free",run:()=>s.nextLoose()},helper:{words:"Helper feature on a part",key:"alt h",keys:"Alt H",help:"point, axis, plane",run:()=>s.helping.toggle()},measure:{words:"Measure what is picked",key:"j",help:"distance, angle, gap, mass",run:()=>s.measuring.measure()},variants:{words:"Variants side by side",help:"configurations, table, csv",run:()=>s.measuring.variants()},group:{words:"Group lines in the list",help:"folder, bolts",run:()=>s.groupLines()},compact:{words:"Lines of one row each, or two",key:"alt y",keys:"Alt Y",run:()=>wM()},bring:{words:"Bring a joint to a typed value",key:"=",help:"coordinate, angle, slide, tug, set",run:()=>s.bring()},next:{words:"What would seat the part in hand",key:"alt n",keys:"Alt N",help:"propose, next relation, suggest, match holes, fill the other holes",run:()=>s.choosing.next()},seatings:{words:"Other ways for the part to sit",key:"alt s",keys:"Alt S",help:"seatings, flip, turn, positions, symmetric",run:()=>s.choosing.seatings()},"account-for":{words:"Account for it: relations from how parts stand",key:"alt a",keys:"Alt A",help:"recover, propose, automatic, contacts, import",run:()=>s.accountFor()},terms:{words:"What the words of the account mean",help:"glossary, terms, help, loose, idle, shaky",run:()=>s.terms()},others:{words:"Choose the other parts instead",help:"invert, all but these, group that leaves parts out",run:()=>s.tell(`${s.ledger.chooseOthers()} chosen.`)},first:{words:"Five steps for a first visit",help:"tour, help",run:()=>s.first.begin()},tint:{words:"Colour of a part",help:"color, appearance",run:()=>s.looks.colour()},"keep-home":{words:"Keep this as the home position",help:"save pose",run:()=>s.looks.keepHome()},"go-home":{words:"Go to the home position",help:"reset pose",run:()=>s.looks.goHome()}}}var ea=s=>s.keys??s.key?.toUpperCase()??"";function zg(s){let t=new Map;for(let[e,n]of Object.entries(s))if(n.key){if(t.has(n.key))throw new Error(`${e} and ${t.get(n.key)} have the same key`);t.set(n.key,e)}return t}function Vg(s){let t=s.key.toLowerCase();return s.ctrlKey||s.metaKey?s.shiftKey&&t==="z"?"ctrl y":`ctrl ${t}`:s.altKey?`alt ${t}`:t}function _M(){let s=document.querySelector(".path a");s instanceof HTMLAnchorElement&&location.assign(s.href)}function vM(s){s.sentence.quarter()||(s.moving.on||s.moving.toggle(!0),s.moving.on&&s.moving.quarter(2))}function bM(s){s.looks.showAll(),s.looks.home()}function wM(){document.querySelector("#account")?.classList.toggle("compact")}function SM(s){let{stage:t}=s;t.showFreedoms&&!t.origins.on?(t.origins.on=!0,s.tell("Freedoms and origins are drawn.")):(t.origins.on=!1,t.showFreedoms=!t.showFreedoms,s.tell(t.showFreedoms?"Freedoms are drawn.":"No marks are drawn.")),document.querySelector('[data-act="freedoms"]')?.setAttribute("aria-pressed",String(t.showFreedoms)),t.freedoms(),t.draw()}var Rn=s=>document.getElementById(s),ch=class{constructor(t){this.post=t,this.box=document.getElementById("settings"),this.list=document.getElementById("values"),this.was=null,Rn("value-more").addEventListener("click",()=>this.row({name:"",text:"",is:""}).focus()),Rn("settings-go").addEventListener("click",()=>this.keep()),this.box.addEventListener("keydown",e=>{e.key!=="Enter"||!(e.target instanceof HTMLInputElement)||e.target.type==="checkbox"||(e.preventDefault(),this.keep())})}open(t){this.was=t,this.list.replaceChildren();for(let e of t.values)this.row(e);t.values.length||this.row({name:"",text:"",is:""}),Rn("spin").checked=t.fasteners_held,Rn("tol-mm").value=String(t.tolerance_mm),Rn("tol-deg").value=String(t.tolerance_deg),Rn("settings-bad").hidden=!0,this.box.showModal()}row(t){let e=document.createElement("li"),n=(l,c,h)=>{let u=document.createElement("input");return u.className="input",u.value=c,u.placeholder=h,u.setAttribute("aria-label",l),u},i=n("Name of the value",t.name,"name"),r=n(`Value ${t.name}`,t.text,"12.5 mm"),o=document.createElement("span");o.className="soft",o.textContent=t.is&&t.is!==t.text?`= ${t.is}`:"";let a=document.createElement("button");return a.type="button",a.className="plain",a.textContent="leave out",a.addEventListener("click",()=>e.remove()),e.append(i,"=",r,o,a),this.list.append(e),i}acts(){let t=this.was,e=[],n=[...this.list.children].map(r=>[...r.querySelectorAll("input")].map(o=>o.value.trim())).filter(([r,o])=>r||o).map(([r,o])=>({name:r,text:o}));JSON.stringify(n)!==JSON.stringify(t.values.map(({name:r,text:o})=>({name:r,text:o})))&&e.push({do:"values",values:n});let i={};return Rn("spin").checked!==t.fasteners_held&&(i.fasteners_held=Rn("spin").checked),Number(Rn("tol-mm").value)!==t.tolerance_mm&&(i.tolerance_mm=Number(Rn("tol-mm").value)),Number(Rn("tol-deg").value)!==t.tolerance_deg&&(i.tolerance_deg=Number(Rn("tol-deg").value)),Object.keys(i).length&&e.push({do:"settings",...i}),e}async keep(){this.box.close();for(let t of this.acts()){if(await this.post(t))continue;this.box.showModal();let e=Rn("settings-bad");e.textContent=document.getElementById("said")?.textContent??"",e.hidden=!1;return}}};var Hg="setfast.account",hh=class{constructor(t,e){this.bar=t,this.around=e,this.width=Number(localStorage.getItem(Hg))||(innerWidth>=1600?440:360),this.set(this.width),t.addEventListener("pointerdown",n=>t.setPointerCapture(n.pointerId)),t.addEventListener("pointermove",n=>{t.hasPointerCapture(n.pointerId)&&this.set(innerWidth-n.clientX)}),t.addEventListener("pointerup",()=>localStorage.setItem(Hg,String(this.width))),t.addEventListener("dblclick",()=>this.fold()),t.addEventListener("keydown",n=>{let i={ArrowLeft:20,ArrowRight:-20}[n.key];if(i)this.set(this.width+i);else if(n.key==="Enter")this.fold();else return;n.preventDefault(),n.stopPropagation()})}set(t){this.width=Math.max(300,Math.min(640,Math.round(t))),this.around.classList.remove("folded"),this.around.style.setProperty("--account",`${this.width}px`),this.bar.setAttribute("aria-valuenow",String(this.width))}fold(){let t=this.around.classList.toggle("folded");this.bar.setAttribute("aria-valuenow",String(t?0:this.width))}};function Gg(s){let{stage:t,sentence:e}=s;return{where:n=>{let i=t.find(n);if(!i?.s)return null;let r=t.view.project(t.spot(i)),o=s.view.getBoundingClientRect();return[r.x+o.left,r.y+o.top]},pick:n=>{let i=t.find(n);return i&&e.pick(i),!!i},refs:n=>{let i=[];for(let r of t.comps.get(n)?.uses??[])for(let o of[...r.shape.features,...r.helpers.values()])i.push({ref:`${n}/${r.path}${o.n}`,kind:o.k,label:o.label,at:o.o,dir:o.z});return i},state:()=>s.state,sentence:e,tug:s.tug,stage:t,commands:s.commands}}var uh=(s,t)=>t?"+ a pick":s.untried?"trying …":s.odds?"cannot hold":`${s.before} → ${s.after}`,MM=s=>s<20?(s<10?"":"⇧")+String((s+1)%10):"";function Wg(s){if(s.ctrlKey||s.altKey||s.metaKey)return-1;let t=/^[0-9]$/.test(s.key),e=t?s.key:/^Digit([0-9])$/.exec(s.code)?.[1];return e?(Number(e)+9)%10+(!t&&s.shiftKey?10:0):-1}function qg(s,t){let e=[];for(let[n,i]of s.entries()){let r=i.untried&&t.find(o=>o.type===i.type&&o.label===i.label);r&&(Object.assign(i,r,{untried:!1}),e.push(n))}return e}var Wd=s=>(s.also??[]).join(", ").replaceAll("_"," ");function Xg(s,t){let e=document.createElement("button");e.type="button",e.className="offer"+(s.odds?" odd":""),e.dataset.k=String(t),e.dataset.type=s.type,e.setAttribute("role","radio"),e.setAttribute("aria-checked","false"),e.tabIndex=t===0?0:-1,s.also?.length&&(e.title=`also called ${Wd(s)}`);let n=document.createElement("b");n.textContent=s.label;let i=document.createElement("span");i.className="ba",i.textContent=uh(s,!!s.about);let r=document.createElement("span");return r.className="key",r.textContent=MM(t),e.append(r,n,i),e}function $g(s,t){if(document.querySelector("dialog[open]"))return;let e=t.target,n=e.matches("input, textarea, select"),i=Vg(t);if(i==="escape"){EM(s,n?e:null);return}if(i==="ctrl z"||i==="ctrl y"){let a=e;if(n&&a.value!==a.defaultValue)return}else if(n&&!i.startsWith("alt "))return;if(TM(s,i,e,t.shiftKey)||AM(s,i,e,t)||CM(s,i,e)||RM(s,i,e)){t.preventDefault();return}let o=s.keys.get(i);o&&(t.preventDefault(),s.commands[o].run())}function EM(s,t){if(s.tug.held)s.tug.letGo(!1);else if(s.tug.on)s.tug.toggle(!1);else{t?.blur();let e=s.copying.stop();!s.sentence.clear()&&!e&&!s.ledger.chooseNone()&&s.ledger.unlight()}}function TM(s,t,e,n){let{tug:i}=s;if(!i.on||e.closest("button, a"))return!1;i.turn(n);let r={arrowleft:[-1,0],arrowright:[1,0],arrowup:[0,1],arrowdown:[0,-1]}[t];if(t==="n")i.next();else if(r&&i.held)i.nudge(r[0],r[1]);else if(t==="enter"&&i.held)i.letGo(!0);else return!1;return!0}function AM(s,t,e,n){let i=e===s.view||e===document.body||e.closest("#offers"),r=Wg(n);if(t==="enter"&&i&&!s.sentence.button.disabled)s.sentence.send();else if(s.sentence.offers[r])s.sentence.choose(r),e.closest("#offers")&&s.sentence.focusChosen();else return!1;return!0}function CM(s,t,e){let n=e.closest(".line[data-component]");return t!=="delete"||!n?!1:(s.act({do:"remove",component:n.dataset.component}),!0)}function RM(s,t,e){if(e!==s.view)return!1;let n={arrowleft:[-.15,0],arrowright:[.15,0],arrowup:[0,-.12],arrowdown:[0,.12]}[t];if(n)s.stage.view.turn(n[0],n[1]);else if(t==="+"||t==="=")s.stage.view.nearer(.87);else if(t==="-")s.stage.view.nearer(1.15);else return!1;return!0}var na={freedom:"one way a part can still move: a free part has six, three slides and three turns.",opening:"the freedoms of all parts before any relation: six for each that is not grounded.",removed:"the freedoms that the relations take away together.",left:"what is not taken away: planned, idle and loose together.",planned:"a motion that is meant, as of a crank. It passes.",idle:"a motion that changes nothing: a round part, or a fastener, spinning about its own axis. It passes.",loose:'a motion that nobody meant. Shake shows it; a relation takes it away, "mean this" plans it.',shaky:"a motion only for an instant, at this very pose: the parts give a little, and are stiff beside it. Such geometry is fragile.",doubled:"relations that ask the same twice. They hold as long as the parts are exact; beside each stands by how much they may be off.","at odds":"relations that cannot hold together, in the smallest set, each with what it misses by. One of them must change.",blocked:"a motion that is planned, but that the relations do not allow.",clash:"two parts are in one another, by more than the tolerance: how deep, and how much. Touching is none.",fit:"an overlap that is meant: a press fit, a thread, teeth in mesh.",undecided:"two parts whose shapes do not tell whether they are in one another.",clashes:"parts pass through one another: nobody can build it so.",grounded:"a part that stands where it is. All others are placed by it.",set:"nothing is left but what is idle: fully constrained, without conflicts.","moves as planned":"what is left to move is what was meant, and nothing else.",missing:"something on the Shelf that an assembly needs was thrown away.",below:"a subassembly that does not pass by itself.",note:"no fault, but worth a look; it can be accepted with a reason."};function PM(s){let t=s.trim().toLowerCase(),e=na[t]??na[t.replace(/s$/,"")];return e?`${s.trim()}: ${e}`:""}function Yg(s,t){s.addEventListener("click",e=>{let n=e.target.closest("[data-term]"),i=n instanceof HTMLElement?PM(n.dataset.term||(n.textContent??"")):"";i&&t(i)})}var Zg=s=>Object.entries(na).map(([t,e])=>({words:`${t}: ${e}`,run:()=>s(`${t}: ${e}`)}));var qd=s=>document.querySelector(s);function Kg(s){let t=Object.values(s).filter(e=>ea(e)).map(e=>{let n=document.createElement("li"),i=document.createElement("kbd");return i.textContent=ea(e),n.append(i,e.words),n});qd("#keylist").replaceChildren(...t),qd("#terms").replaceChildren(...Object.entries(na).flatMap(([e,n])=>{let[i,r]=[document.createElement("dt"),document.createElement("dd")];return[i.textContent,r.textContent]=[e,n],[i,r]})),qd("#keysheet").showModal()}var Jg="setfast.visited",Xd=[[".account","The account: each part came with six freedoms; before → after says what its relations left. A line opens to be edited."],[".stage","The stage: point, and read the name at the foot before you click. Drag turns the view, the wheel comes nearer, H fits it."],[".sentence","The sentence: pick what is put, then what it goes on. What fits is offered with the freedoms it leaves; Enter posts it."],[".findings","The findings: what is loose, doubled or at odds, each with what to do about it. Show moves it, mean this plans it."],[".bar","Every step can be taken back, here or by Ctrl Z. The box of / finds everything by its name, the key ? lists keys and terms."]],dh=class{constructor(){this.at=-1,this.card=document.querySelector("#firstcard"),this.pill=document.querySelector("#firstpill"),this.pill.hidden=localStorage.getItem(Jg)==="yes",document.querySelector("#first-next")?.addEventListener("click",()=>this.go(this.at+1)),document.querySelector("#first-off")?.addEventListener("click",()=>this.end())}begin(){this.pill.hidden=!0,this.go(0)}go(t){for(let i of document.querySelectorAll(".firstlit"))i.classList.remove("firstlit");if(this.at=t,t>=Xd.length){this.end();return}let[e,n]=Xd[t];document.querySelector(e)?.classList.add("firstlit"),this.card.querySelector("#first-n").textContent=`${t+1} of ${Xd.length}`,this.card.querySelector("#first-words").textContent=n,this.card.hidden=!1,this.card.querySelector("#first-next").focus()}end(){for(let t of document.querySelectorAll(".firstlit"))t.classList.remove("firstlit");this.card.hidden=!0,this.pill.hidden=!0,localStorage.setItem(Jg,"yes")}};var fh=class extends pi{constructor(t,e,n){super(t,e),this.b=n,this.picks=[]}toggle(t=!this.on){t&&this.b.sentence.clear(),super.toggle(t),this.picks=[],this.b.sentence.taking=t?e=>this.pick(e):null,this.show()}pick(t){if(!t.k||!t.s){this.say("Helpers belong to parts; pick a feature of one.",!0);return}let[e]=this.picks;if(e&&(e.k!==t.k||e.s!==t.s)){this.say(`Both picks must be on ${e.k?.data.name}.`,!0);return}this.picks.length===2&&(this.picks=[]),this.picks.push(t),this.show()}show(){let[t,e]=this.picks;this.get("help-of").textContent=t?Vn(t):"pick a feature of a part",this.get("help-and").textContent=e?`and ${Vn(e)}`:"",this.b.stage.setPicked(this.picks.map((n,i)=>({c:n,role:i?"put_too":"put"}))),this.get("helppost").disabled=!t,this.say(t?"A second pick on the same part, if it needs one; Enter keeps it.":"It is kept with the part, wherever that is used.")}async send(){let[t,e]=this.picks;if(!t)return;let n=await this.b.make({of:t.ref,and:e?.ref,kind:this.get("help-kind").value,name:this.get("help-name").value.trim()});if(!n)return;this.get("help-name").value="",this.toggle(!1);let i=this.b.stage.find(n);i&&this.b.tell(`${n.split("/").pop()} is kept with the part of ${i.k.data.name}.`)}};function jg(s,t){let e=new Map(s.groups.flatMap(o=>o.components.map(a=>[a,o])));if(!e.size)return s.line_order;let n=[],i=new Set,r=o=>e.get(o)??e.get(o.split("/")[0]);for(let o of s.line_order){let a=r(o);if(!a){n.push(o);continue}i.has(a.name)||(i.add(a.name),n.push(`
`+a.name),t.has(a.name)||n.push(...s.line_order.filter(l=>r(l)===a)))}return n}function Qg(s,t,e){let n=s.slice(1),i=t.groups.find(a=>a.name===n)?.components.length??0,r=document.createElement("li");r.className="grouphead";let o=document.createElement("button");return o.type="button",o.className="grouptoggle",o.dataset.act="fold",o.dataset.group=n,o.setAttribute("aria-expanded",String(!e.has(n))),o.textContent=`${e.has(n)?"▸":"▾"} ${n} · ${i}`,r.append(o),r.outerHTML}var IM='<div class="inside"',ty="</li>",$d=new WeakMap;function Yd(s){let t=s.indexOf(IM),e=document.createElement("template");e.innerHTML=t<0?s.trim():s.slice(0,t).trim()+ty;let n=e.content.firstElementChild;return t>=0&&$d.set(n,s.slice(t,s.lastIndexOf(ty))),n}function ey(s){let t=$d.get(s);t&&($d.delete(s),s.insertAdjacentHTML("beforeend",t))}var LM={"&amp;":"&","&#39;":"'","&#34;":'"',"&lt;":"<","&gt;":">"},ny=s=>s.replace(/<[^>]*>/g," ").replace(/&(amp|#39|#34|lt|gt);/g,t=>LM[t]).toLowerCase();function Zd(s,t,e){let n=document.createElement("input");n.className="inplace",n.value=t,n.setAttribute("aria-label",`New name of ${t}`);let i=!0,r=o=>{if(!i)return;i=!1;let a=n.value.trim();n.remove(),s.hidden=!1,o&&a&&a!==t&&e(a)};n.addEventListener("keydown",o=>{o.stopPropagation(),!(o.key!=="Enter"&&o.key!=="Escape")&&(o.preventDefault(),r(o.key==="Enter"),s.focus())}),n.addEventListener("blur",()=>r(!0)),s.after(n),s.hidden=!s.matches(".rowopen"),n.focus(),n.select()}var NM=4;function sy(s,t){s.addEventListener("pointerdown",e=>{let i=e.target.closest(".line .no")?.closest(".line");if(!i||e.button!==0)return;let r=e.clientY,o=null,a=!1,l=u=>{o?.classList.remove("dropbefore","dropbehind"),o=u,u&&u!==i&&u.classList.add(DM(i,u)?"dropbehind":"dropbefore")},c=u=>{if(a=a||Math.abs(u.clientY-r)>NM,!a)return;i.classList.add("dragged");let d=document.elementFromPoint(u.clientX,u.clientY)?.closest("#lines > .line");l(d??null)},h=()=>{removeEventListener("pointermove",c),removeEventListener("pointerup",h),i.classList.remove("dragged");let u=o;l(null),a&&(addEventListener("click",iy,!0),setTimeout(()=>{removeEventListener("click",iy,!0),u&&u!==i&&t(i,u)}))};addEventListener("pointermove",c),addEventListener("pointerup",h)})}var iy=s=>s.stopPropagation(),DM=(s,t)=>!!(s.compareDocumentPosition(t)&Node.DOCUMENT_POSITION_FOLLOWING);function ry(s){let t=s.dataset.length?ge():"";switch(s.dataset.kind){case"flag":return s instanceof HTMLInputElement&&s.checked?{value:!0}:{};case"profile":return{value:Gd(s.value)??[]};case"vector":{let n=[...s.parentElement?.querySelectorAll("input")??[]].map(i=>_n(i.value,t,!0)??0);return n.every(i=>i===0)?{}:{value:n}}}let e=_n(s.value,t);return e===void 0?{}:typeof e=="number"?{to:e}:{text:e}}var ph=class{constructor(t,e){this.box=t,this.bench=e,this.lines=t.querySelector("#lines"),this.findings=t.querySelector("#findings"),this.none=t.querySelector("#noaccount"),this.state=null,this.open=new Set,this.chosen=new Set,this.rows=new Map,this.made=new Map,this.told="",this.only="",this.folded=new Set,this.lit=null,t.addEventListener("click",n=>this.click(n)),t.addEventListener("change",n=>this.change(n)),t.addEventListener("keydown",n=>this.step(n)),t.addEventListener("dblclick",n=>this.nameAt(n.target,!0)),t.querySelector("#linefind")?.addEventListener("input",()=>this.sift()),sy(this.lines,(n,i)=>this.putAt(Ne(n),Ne(i)))}async prepare(t){let e=new $i;for(let n of t.line_order){let i=t.lines[n];this.rows.get(n)?.html!==i&&this.made.set(n,{html:i,el:Yd(i)}),await e.rest()}}show(t){let e=this.remember(document.activeElement);this.state=t,this.none.hidden=t.components.length>0,this.none.textContent="The account opens with the first part placed.",this.showLines(t),t.findings!==this.told&&(this.told=t.findings,this.findings.innerHTML=t.findings),this.findings.hidden=!t.components.length,this.showChosen(),this.lit=null;for(let n of this.lines.querySelectorAll(".lit"))n.classList.remove("lit");e?.()}showLines(t){let e=new Map;for(let[i,r]of this.rows)(!(i in t.lines)&&!i.startsWith(`
`)||i.startsWith(`
`)&&!t.groups.some(o=>`
`+o.name===i))&&r.el.remove();let n=this.lines.firstElementChild;for(let i of jg(t,this.folded)){let r=t.lines[i]??Qg(i,t,this.folded),o=this.rows.get(i);if(o?.html!==r){let a=this.made.get(i),l=a?.html===r?a.el:Yd(r);o&&(o.el===n&&(n=n.nextElementSibling),o.el.remove()),o={html:r,el:l},this.open.has(i)&&this.unfold(l,!0)}e.set(i,o),o.el===n?n=n.nextElementSibling:this.lines.insertBefore(o.el,n)}for(let[i,r]of this.rows)e.has(i)||r.el.remove();this.rows=e,this.made.clear(),this.sift()}sift(){let t=this.box.querySelector("#linefind").value.trim().toLowerCase(),e=0;for(let{el:n,html:i}of this.rows.values()){let r=!this.only||n.classList.contains(this.only);n.hidden=!r||!!t&&!ny(i).includes(t),n.hidden||e++}this.box.querySelector("#nolines").hidden=e>0||!this.rows.size}choosing(t){this.only=t.dataset.only??"";for(let e of this.box.querySelectorAll("[data-only]"))e.setAttribute("aria-checked",String(e===t));this.sift()}putAt(t,e){let n=this.now.components.findIndex(i=>i.name===e);n>=0&&this.bench.act({do:"reorder",component:t,at:n})}nameAt(t,e){let n=t.closest(".matename, .what .strong");if(e&&!n)return!1;let i=t.closest(".mate"),r=t.closest(".line");return i instanceof HTMLElement?this.reid(pn(i)):r instanceof HTMLElement&&this.rename(Ne(r)),!!(i||r)}reorder(t,e){let n=this.now.components.findIndex(i=>i.name===t)+e;n>=0&&n<this.now.components.length&&this.bench.act({do:"reorder",component:t,at:n})}async dismiss(t){let e=await this.bench.ask("Accept this finding, because","");e&&this.bench.act({do:"dismiss",finding:t.dataset.finding,why:e})}fold(t){let e=t.dataset.group??"";this.folded.delete(e)||this.folded.add(e),this.showLines(this.now)}nextLoose(){let t=[...this.lines.querySelectorAll(".line.c-loose")];if(!t.length)return!1;let e=t.findIndex(r=>r.contains(document.activeElement)||r.classList.contains("lit")),n=t[(e+1)%t.length],i=n.querySelector(".rowopen");for(let r of[...this.open]){let o=this.rows.get(r)?.el;o&&o!==n&&this.unfold(o,!1)}return this.unfold(n,!0),this.lit=null,this.light([n.dataset.component??""],"c:"+n.dataset.component),i.focus({preventScroll:!0}),n.scrollIntoView({block:"nearest"}),!0}remember(t){if(!(t instanceof HTMLElement)||!this.box.contains(t))return null;let e=i=>[i.dataset.act,i.dataset.set,i.dataset.field,i.dataset.of,i.dataset.end,Ne(i),pn(i),Jd(i)].join(`
`),n=e(t);return()=>{if(!(this.box.contains(document.activeElement)&&document.activeElement!==this.box)){for(let i of this.box.querySelectorAll("[data-act], [data-set]"))if(e(i)===n){i.focus({preventScroll:!0});return}this.box.focus({preventScroll:!0})}}}unfold(t,e){t.querySelector(".rowopen")?.setAttribute("aria-expanded",String(e)),e&&ey(t);let n=t.querySelector(".inside");n&&(n.hidden=!e);let i=t.dataset.key;e?this.open.add(i):this.open.delete(i)}light(t,e){this.lit=this.lit===e?null:e,this.bench.stage.light(this.lit===null?null:t);for(let n of this.lines.querySelectorAll(".line"))n.classList.toggle("lit",this.lit!==null&&t.includes(n.dataset.component??""))}get litPart(){return this.lit?.startsWith("c:")?this.lit.slice(2):null}unlight(){this.lit!==null&&this.light([],this.lit)}click(t){let e=t.target.closest("button[data-act]"),n=e&&this.acts[e.dataset.act??""];!e||!n||(e.dataset.act==="open"&&(t.ctrlKey||t.metaKey||t.shiftKey)?this.choose(Ne(e)):n(e))}choose(t){this.chosen.delete(t)||this.chosen.add(t),this.showChosen()}showChosen(){if(!this.chosen.size&&!this.lines.querySelector(".chosen"))return;let t=new Set(this.now.components.map(n=>n.name));for(let n of this.chosen)t.has(n)||this.chosen.delete(n);for(let n of this.lines.querySelectorAll(".line")){let i=this.chosen.has(n.dataset.component??"");n.classList.toggle("chosen",i),n.querySelector(".rowopen")?.toggleAttribute("data-chosen",i)}let e=this.box.querySelector("#chosenbar");e.hidden=!this.chosen.size,e.querySelector("b").textContent=`${this.chosen.size} chosen`,this.bench.stage.light(this.chosen.size?[...this.chosen]:null)}picked(t){for(let e of this.lines.querySelectorAll(".line")){let n=t.includes(e.dataset.component??"");n&&!e.classList.contains("picked")&&e.scrollIntoView({block:"nearest"}),e.classList.toggle("picked",n)}}chooseNone(){let t=this.chosen.size>0;return this.chosen.clear(),t&&this.showChosen(),t}chooseOthers(){return this.chosen=new Set(this.now.components.map(t=>t.name).filter(t=>!this.chosen.has(t))),this.showChosen(),this.chosen.size}otherSide(t){let e=t.closest(".standing")?.querySelector(`input[data-of="${t.dataset.of}"]`);if(!(e instanceof HTMLInputElement))return;let n=Number(e.defaultValue);n&&this.bench.act({do:"bring",relation:pn(t),of:t.dataset.of,to:-n})}enter(t){let e=new URLSearchParams(location.search).get("in"),n=new URL(t.dataset.href??"",location.href);e&&n.searchParams.set("in",`${e},${n.searchParams.get("in")}`),location.assign(n)}acts={open:t=>this.openLine(t),light:t=>this.light(Vd(this.now,[pn(t)]),"m:"+pn(t)),"light-set":t=>{let e=(t.dataset.mates??"").split(`
`).filter(Boolean);this.light(Vd(this.now,e),"s:"+e.join())},turn:t=>this.bench.act({do:"turn",relation:pn(t)}),suppress:t=>this.bench.act({do:"suppress",relation:pn(t),on:!0}),revive:t=>this.bench.act({do:"suppress",relation:pn(t),on:!1}),repick:t=>this.bench.repick(pn(t),t.dataset.end??"",t.textContent??""),reid:t=>this.reid(pn(t)),note:t=>this.note(pn(t),oy(t)),temporary:t=>this.temporary(pn(t),oy(t),!!t.closest(".mate")?.querySelector(".fortime")),travel:t=>this.bench.travel(pn(t),t.dataset.of??"",t.dataset.angular==="yes"),"other-side":t=>this.otherSide(t),unrelate:t=>this.bench.act({do:"unrelate",relation:pn(t)}),"ground-origin":t=>this.bench.act({do:"ground",component:Ne(t),on:!0,origin:!0}),"ground-here":t=>this.bench.act({do:"ground",component:Ne(t),on:!0}),unground:t=>this.bench.act({do:"ground",component:Ne(t),on:!1}),"suppress-part":t=>this.bench.act({do:"suppress",component:Ne(t),on:!0}),"revive-part":t=>this.bench.act({do:"suppress",component:Ne(t),on:!1}),flex:t=>this.bench.act({do:"flex",component:Ne(t),on:!0}),stiff:t=>this.bench.act({do:"flex",component:Ne(t),on:!1}),remove:t=>this.bench.act({do:"remove",component:Ne(t)}),rename:t=>this.rename(Ne(t)),settle:t=>{let e=Number(t.closest("[data-motion]").dataset.motion);this.bench.settle(this.now.motions[e].rides[0])},hide:()=>this.bench.run("hide"),only:()=>this.bench.run("only"),aside:()=>this.bench.run("aside"),enter:t=>this.enter(t),move:()=>this.bench.run("move"),form:()=>this.bench.run("form"),copy:()=>this.bench.run("copy"),dissolve:()=>this.bench.run("dissolve"),earlier:t=>this.reorder(Ne(t),-1),later:t=>this.reorder(Ne(t),1),"only-lines":t=>this.choosing(t),fold:t=>this.fold(t),dismiss:t=>this.dismiss(t),retell:t=>this.bench.act({do:"dismiss",finding:t.dataset.finding}),unmeasure:t=>this.bench.act({do:"unmeasure",as:t.closest("[data-measure]")?.getAttribute("data-measure")}),"copy-value":t=>this.bench.copy(t.dataset.full??""),shake:()=>this.bench.run("shake"),run:()=>this.bench.run("run"),"next-loose":()=>this.bench.run("next-loose"),group:()=>this.bench.run("group"),"choose-none":()=>this.chooseNone(),"choose-others":()=>this.chooseOthers(),remedy:t=>this.bench.act({do:"remedy",finding:Number(t.dataset.finding),remedy:Number(t.dataset.remedy)}),plan:t=>this.bench.act({do:"plan",motion:Jd(t)}),unplan:t=>this.bench.act({do:"unplan",at:Number(t.dataset.at)}),swing:t=>this.bench.swing(Jd(t))};get now(){return this.state}openLine(t){let e=t.closest(".line"),n=!this.open.has(e.dataset.key??"");this.unfold(e,n),n?this.light([Ne(t)],"c:"+Ne(t)):this.unlight()}rename(t){let e=this.rows.get(t)?.el.querySelector(".rowopen");e&&Zd(e,t,n=>{this.open.delete(t)&&this.open.add(n),this.bench.act({do:"rename",component:t,to:n})})}reid(t){for(let e of this.lines.querySelectorAll(".mate"))if(!(e.dataset.mate!==t||!e.offsetParent)){Zd(e.querySelector(".matename"),t,n=>this.bench.act({do:"reid",relation:t,to:n}));return}}temporary(t,e,n){let i=n?e.replace(/^temporary[:,;.]?\s*/i,""):`temporary${e?": "+e:""}`;this.bench.act({do:"set",relation:t,field:"note",text:i})}async note(t,e){let n=await this.bench.ask(`Note on ${t}: why it is so`,e);n!==null&&n!==e&&this.bench.act({do:"set",relation:t,field:"note",text:n})}async change(t){let e=t.target.closest("[data-set]");if(!(e instanceof HTMLInputElement||e instanceof HTMLSelectElement))return;let{of:n,end:i,field:r}=e.dataset,a={...{limit:{do:"limit",of:n,end:i},bring:{do:"bring",of:n},field:{do:"set",field:r}}[e.dataset.set??""],relation:pn(e),...ry(e)};if(!await this.bench.act(a))if(e instanceof HTMLInputElement)e.value=e.defaultValue,e.checked=e.defaultChecked;else for(let l of e.options)l.selected=l.defaultSelected}step(t){let e=t.target.closest(".rowopen"),n={ArrowDown:1,ArrowUp:-1}[t.key];if(t.key==="F2"&&this.nameAt(t.target,!1)){t.preventDefault();return}if(e instanceof HTMLElement&&n&&t.altKey){t.preventDefault(),this.reorder(Ne(e),n);return}if(e instanceof HTMLElement&&t.key===" "){t.preventDefault(),this.choose(Ne(e));return}if(!e||!n)return;t.preventDefault();let i=[...this.box.querySelectorAll(".rowopen")];i[Math.max(0,Math.min(i.length-1,i.indexOf(e)+n))].focus()}focus(){(this.box.querySelector(".rowopen")||this.box).focus()}fail(t){this.none.hidden=!1,this.none.className="notice",this.none.textContent=t}},oy=s=>s.closest(".mate")?.querySelector(".matenote")?.textContent??"",Ne=s=>s.closest(".line")?.dataset.component??"",pn=s=>s.closest(".mate")?.dataset.mate??"",Jd=s=>Number(s.closest("[data-motion]")?.dataset.motion??-1);var Qi=s=>document.querySelector(s),UM=[["Front","front elevation",[0,-1,0]],["Back","rear",[0,1,0]],["Left","side",[-1,0,0]],["Right","side",[1,0,0]],["Top","plan, above",[0,-1e-4,1]],["Bottom","below",[0,-1e-4,-1]],["Corner","isometric, three quarters",[1,-1,.8165]]],OM=1.25,mh=class{constructor(t){this.b=t,this.away=new Set,this.flat=!1,this.kept=[],this.range=Qi("#section-at"),this.number=Qi("#section-mm"),this.sectioned=null,this.range.addEventListener("input",()=>this.slide(Number(this.range.value))),this.number.addEventListener("change",()=>this.slide(Number(this.number.value)*dn(ge()))),Qi("#section-flip").addEventListener("click",()=>this.flip()),Qi("#section-off").addEventListener("click",()=>this.section(!0)),Qi("#hiddenpill").addEventListener("click",()=>this.showAll())}async begin(){try{this.took(await this.b.call("kept"))}catch{this.kept=[]}}took(t){this.kept=t,this.tints()}tints(){for(let t of this.kept)t.kind==="tint"&&this.b.stage.tint(t.name,t.data.colour)}async keep(t,e,n){try{return this.took(await this.b.call("kept",{kind:t,name:e,data:n})),!0}catch(i){return this.b.tell(i.message,!0),!1}}withHand(t){let e=this.b.hand();e?t(e):this.b.tell("Point at a part, or go to its line, then press the key.")}hide(){this.withHand(t=>{let e=new Set(this.b.stage.hidden);e.delete(t)||e.add(t),this.b.stage.setHidden(e),this.pill()})}only(){this.withHand(t=>{let e=(this.b.state()?.components??[]).map(n=>n.name).filter(n=>n!==t);this.b.stage.setHidden(new Set(e)),this.pill()})}seeThrough(){this.withHand(t=>{let e=new Set(this.b.stage.scene.clear);e.delete(t)||e.add(t),this.b.stage.setClear(e),this.pill()})}showAll(){this.b.stage.setHidden(new Set),this.b.stage.setClear(new Set),this.away.clear(),this.draw(),this.pill()}pill(){let t=new Set((this.b.state()?.components??[]).map(r=>r.name)),e=[],n=(r,o)=>{let a=[...r].filter(l=>t.has(l)).length;a&&e.push(`${a} ${o}`)};n(this.b.stage.hidden,"hidden"),n(this.b.stage.scene.clear,"see-through"),n(this.away,"held aside");let i=Qi("#hiddenpill");i.hidden=!e.length,i.textContent=`${e.join(" · ")} · show all`}aside(){let t=this.b.hand()||this.last();if(!this.b.state()?.components.find(n=>n.name===t)?.way){this.b.tell(t?`${t} has no way in yet: relate it first.`:"Nothing is seated yet.");return}this.away.delete(t)||this.away.add(t),this.draw(),this.pill(),this.away.has(t)&&this.b.tell(`${t} is held aside along its way in; it is still solved in its seat.`)}asideAll(){let t=(this.b.state()?.components??[]).filter(n=>n.way).map(n=>n.name),e=t.some(n=>!this.away.has(n));this.away=new Set(e?t:[]),this.draw(),this.pill(),e&&this.b.stage.home()}last(){return(this.b.state()?.components??[]).filter(t=>t.way).at(-1)?.name??""}draw(){let t=new Map,e=this.away.size>1,n=new Map((this.b.state()?.components??[]).map(i=>[i.name,i]));for(let i of n.values()){if(!this.away.has(i.name)||!i.way)continue;let r=new A(...i.way),o=this.b.stage.extentOf(i.name),a=o?OM*(Math.abs(r.x)*o.x+Math.abs(r.y)*o.y+Math.abs(r.z)*o.z):0,l=r.multiplyScalar(a),c=(i.on??[]).map(h=>t.get(h)).filter(Boolean);c.sort((h,u)=>u.length()-h.length()),e&&c.length&&l.add(c[0]),t.set(i.name,l)}this.b.stage.holdAside(t)}views(){let{stage:t}=this.b,e=(o,a)=>{this.parallel(a),t.home(new A(...o))},n=(o,a,l,c)=>({words:o,help:a,keys:l,run:c}),i=UM.map(([o,a,l])=>n(o,`view ${a}`,"parallel",()=>e(l,o!=="Corner"||this.flat))),r=this.b.picks().map(o=>this.direction(o)).find(Boolean);r&&i.push(n("Along what is picked","axis normal face","parallel",()=>e(r.normal.toArray(),!0))),i.push(n("Everything","fit all","H",()=>t.home()),n(this.flat?"As the eye sees":"In parallel","perspective orthographic","",()=>this.parallel(!this.flat)),n("Keep this view …","save named view","",()=>this.keepView()));for(let o of this.b.state()?.views??[])i.push(n(`View: ${o.name}`,"view of the file","parallel",()=>e(o.look.map(a=>-a),!0)));for(let o of this.kept.filter(a=>a.kind==="view"))i.push(n(`View: ${o.name}`,"kept view","",()=>this.show(o.data))),i.push(n(`Forget the view ${o.name}`,"delete view","",()=>this.keep("view",o.name,null)));this.b.palette.open(i)}show(t){this.flat=t.fov<1,this.b.stage.view.restore(t)}parallel(t){this.flat=t,this.b.stage.view.parallel(t)}async keepView(){let t=await this.b.ask("Name of the view (home is where H leads)",this.kept.some(e=>e.name==="home")?"":"home");t&&await this.keep("view",t,this.b.stage.view.kept())&&this.b.tell(`The view ${t} is kept.`)}home(){let t=this.kept.find(e=>e.kind==="view"&&e.name==="home");t?this.show(t.data):this.b.stage.home()}async keepHome(){let t={};for(let e of this.b.state()?.components??[])e.grounded||(t[e.name]=e.pose);await this.keep("home","position",t)&&this.b.tell("This is the home position now.")}async goHome(){let t=this.kept.find(n=>n.kind==="home")?.data;if(!t){this.b.tell("No home position is kept yet: keep one first.");return}let e={};for(let n of this.b.state()?.components??[])t[n.name]&&!n.grounded&&(e[n.name]=t[n.name]);await this.b.act({do:"move",component:"home",poses:e,home:!0})}direction(t){if(!t.s||!t.f.dir)return null;let e=t.s.toWorld(t.f.at.clone()),n=t.f.dir.clone().transformDirection(t.s.world);return{at:e,normal:n,axis:t.f.k!=="plane"}}section(t){if(t||this.sectioned){this.cut(null);return}let[e,n]=this.b.picks().map(a=>({c:a,d:this.direction(a)})).filter(a=>a.d);if(!e?.d){this.b.tell("Point at an axis, a hole or a face, or pick two faces for the middle between them, then cut.");return}let{at:i,normal:r}=e.d,o=Bd(e.c.f);if(n?.d&&!e.d.axis&&!n.d.axis&&r.clone().cross(n.d.normal).length()<1e-5)i=i.clone().add(n.d.at).multiplyScalar(.5),o="the middle of two faces";else if(e.d.axis){let a=this.b.stage.view.camera.position.clone().sub(i),l=a.addScaledVector(r,-a.dot(r));r=l.lengthSq()>1e-9?l.normalize():new A(1,0,0).cross(r).normalize()}this.cut({at:i,normal:r},`through ${o}${e.c.k?` · ${Zt(e.c.k.data.name)}`:""}`)}cutFacing(t,e){let{camera:n,controls:i}=this.b.stage.view,r=i.target.clone().sub(n.position).toArray(),o=[0,1,2].reduce((l,c)=>Math.abs(r[c])>Math.abs(r[l])?c:l),a=new A;a.setComponent(o,-Math.sign(r[o])||1),this.cut({at:new A(t[0],t[1],t[2]),normal:a},e)}cut(t,e=""){if(this.sectioned=t,Qi("#sectionbar").hidden=!t,t){Qi("#section-words").textContent=e;let n=this.b.stage.scene.extent()?.radius??100;this.range.min=String(-2*n),this.range.max=String(2*n),this.range.step=String(n/400),this.slide(0);return}this.b.stage.section.cut(null),this.b.stage.draw()}slide(t){let e=this.sectioned;!e||!isFinite(t)||(this.range.value=String(t),this.number.value=oe(Math.round(t/dn(ge())*1e3)/1e3),this.b.stage.section.cut(e.at.clone().addScaledVector(e.normal,t),e.normal),this.b.stage.draw())}draggable(t,e){t.addEventListener("pointerdown",n=>{let i=this.sectioned;if(!i||n.button!==0||n.ctrlKey||n.shiftKey||!this.b.stage.section.shows(...e(n)))return;let{controls:r}=this.b.stage.view,o=Number(this.range.value),[a,l]=[n.clientX,n.clientY],c=this.drawn(i,o);r.enabled=!1;let h=d=>this.slide(o+(d.clientX-a)*c.x+(d.clientY-l)*c.y),u=()=>{removeEventListener("pointermove",h),removeEventListener("pointerup",u),r.enabled=!0};addEventListener("pointermove",h),addEventListener("pointerup",u)},!0)}drawn(t,e){let{view:n}=this.b.stage,i=t.at.clone().addScaledVector(t.normal,e),r=n.pixel(i),o=n.project(i.clone().addScaledVector(t.normal,r)).sub(n.project(i)),a=o.lengthSq();return a<.05?{x:0,y:r}:{x:r*o.x/a,y:r*o.y/a}}flip(){this.sectioned&&(this.sectioned.normal.negate(),this.slide(-Number(this.range.value)))}hiddenEdges(){let{scene:t}=this.b.stage;t.showBehind(!t.behind),this.b.stage.draw()}async colour(){let t=this.b.hand();if(!t){this.b.tell("Point at a part, or go to its line, then choose its colour.");return}let e=Object.entries(FM).map(([i,r])=>({words:i,keys:"",help:"colour color",run:()=>this.keep("tint",t,{colour:r})})),n={words:"As it was",keys:"",help:"colour none",run:async()=>{await this.keep("tint",t,null)&&this.b.stage.tint(t,null)}};this.b.palette.open([...e,n])}},FM={Sand:"#cdb891",Clay:"#b98d75",Moss:"#94a078",Reed:"#7d9c8a",Mist:"#9fb0bf",Dusk:"#8b8fa8",Heather:"#a68fa3",Chalk:"#dcd7cc",Stone:"#9a948a",Lead:"#70757a"};var kM=4,gh=class{constructor(t,e,n,i,r,o){this.help=o,this.view=t,this.under=e,this.stage=n,this.sentence=i,this.tug=r,this.filter="all",this.cands=[],this.at=0,this.anchor=0,this.mouse=null,this.looking=!1,this.down=null,t.addEventListener("pointermove",a=>this.move(a)),t.addEventListener("pointerleave",()=>this.forget()),t.addEventListener("pointerdown",a=>{this.down=[a.clientX,a.clientY,a.button],t.focus({preventScroll:!0})}),t.addEventListener("pointerup",a=>this.click(a)),t.addEventListener("contextmenu",a=>a.preventDefault());for(let a of document.querySelectorAll("[data-filter]"))a.addEventListener("click",()=>this.setFilter(a.dataset.filter??"all"))}place(t){let e=this.view.getBoundingClientRect();return[t.clientX-e.left,t.clientY-e.top]}current(){let t=this.cands[this.at];if(!t?.s)return t??null;let e=t.s.shape.anchors(t.f),n=e[this.anchor%e.length],i=r=>`${t.k?.data.name}/${t.s?.path}${r}`;if(n.make){let[r,o]=n.make.map(i);return{...t,where:n.where,end:n.where,make:{kind:n.as??"point",of:r,and:o}}}return n.f===t.f?{...t,where:""}:{k:t.k,s:t.s,f:n.f,where:"",ref:`${t.k?.data.name}/${t.s.path}${n.f.n}`,end:n.where}}show(){let t=this.current();if(this.stage.setHover(t),this.under.hidden=!t,this.view.classList.toggle("pick",!!t),!t)return;let e=this.cands[this.at],n=e.s&&e.s.shape.anchors(e.f).length>1?` · E ends${t.end?": "+t.end:""}`:"",i=this.cands.length>1?` · ${this.at+1} of ${this.cands.length} under cursor, Q next`:"";this.under.textContent=Vn(t)+i+n}say(t){this.under.hidden=!t,this.under.textContent=t}forget(){this.mouse=null,this.cands=[],this.show()}move(t){let e=this.tug();if(!e.held){if(e.on&&!t.buttons){let n=e.says(...this.place(t));this.say(n),this.view.classList.toggle("canpull",n.endsWith("pull"));return}if(t.buttons){this.under.hidden=!0,this.stage.setHover(null);return}this.mouse=this.place(t),!this.looking&&(this.looking=!0,requestAnimationFrame(()=>{this.looking=!1,this.mouse&&this.look(...this.mouse)}))}}look(t,e){let n=this.cands[0]?.ref,i=this.cands.length;this.cands=this.stage.candidates(t,e,this.filter);let r=this.cands[0]?.ref===n&&this.at<this.cands.length;r&&this.cands.length===i&&!this.under.hidden||(r||(this.at=0,this.anchor=0),this.show())}click(t){let e=this.down;if(this.tug().on||!e||e[2]!==0||Math.hypot(t.clientX-e[0],t.clientY-e[1])>kM)return;let[n,i]=this.place(t);(!this.cands.length||!this.mouse||Math.hypot(this.mouse[0]-n,this.mouse[1]-i)>1)&&(this.mouse=[n,i],this.cands=this.stage.candidates(n,i,this.filter),this.at=0,this.anchor=0);let r=this.current();r&&this.chosen(r,t.shiftKey)}async chosen(t,e){let n=t.make?await this.make(t.make):t;n&&this.sentence.pick(n,e)}async make(t){let e=await this.help(t);return e&&this.stage.find(e)}next(){this.cands.length&&(this.at=(this.at+1)%this.cands.length,this.anchor=0,this.show())}nextEnd(){this.anchor++,this.show()}setFilter(t){this.filter=t,this.sentence.filter=t;for(let e of document.querySelectorAll("[data-filter]"))e.setAttribute("aria-checked",String(e.dataset.filter===t))}};var BM=6e3,xh=class extends pi{constructor(t,e){super(t,e.sentence.form),this.b=e,this.ran=null,this.playing=0,this.at=this.get("run-at"),this.at.addEventListener("input",()=>{this.stop(),this.show()}),this.get("run-of").addEventListener("input",()=>this.offer()),this.get("run-play").addEventListener("click",()=>this.play()),this.box("runmet").addEventListener("click",n=>{let i=n.target.closest("[data-at]");i&&this.goTo(Number(i.dataset.at))})}box(t){return this.get(t)}toggle(t=!this.on){if(super.toggle(t),this.stop(),this.marks(!0),!t){this.b.stage.goTo(fn(this.b.state));return}let e=(this.b.state?.joints??[]).flatMap(o=>o.of.map(a=>({...a,joint:o.id}))),n=this.get("run-of"),i=n.value;n.replaceChildren(...e.map(o=>new Option(ly(o.name,o.joint),JSON.stringify([o.joint,o.name,o.angular])))),[...n.options].some(o=>o.value===i)&&(n.value=i),this.get("runpost").disabled=!e.length,this.clear(),this.offer(),this.say(e.length?"Nothing of it changes the assembly. Geometry only: guards fall under local codes.":"A motion is that of a joint: make one first."),n.focus()}get driven(){return JSON.parse(this.get("run-of").value||'["", "", true]')}offer(){this.box("run-unit").textContent=this.driven[2]?"°":"mm"}clear(){this.ran=null,this.box("runtrack").hidden=!0,this.box("run-play").hidden=!0}async send(){let[t,e]=this.driven,[n,i,r]=["run-from","run-to","run-steps"].map(o=>eh(this.get(o).value));if(n===null||i===null||r===null){this.say("Write from where to where, and in how many steps, as numbers.",!0);return}this.stop(),this.clear(),this.say("Running …"),this.get("runpost").disabled=!0;try{this.ran=await this.b.call("run",{joint:t,of:e,from:n,to:i,steps:Math.round(r)})}catch(o){this.say(o.message,!0);return}finally{this.get("runpost").disabled=!1}this.on&&this.draw(n,i)}draw(t,e){let n=this.ran,i=this.driven[2]?"°":" mm",r=d=>100*(d-t)/(e-t),o=n.clash.map(d=>{let[f,p]=[r(d.from),r(d.to)].sort((y,m)=>y-m);return ay(Mt("span",d.fit?"band meant":"band"),f,Math.max(p-f,.4))}),a=n.dead_points.map(d=>ay(Mt("span","mark"),r(d.at),0));this.box("runbands").replaceChildren(...o,...a),this.at.max=String(Math.max(0,n.frames.length-1)),this.at.value="0",this.at.style.width=`${n.at.length?Math.abs(r(n.at[n.at.length-1])):0}%`,this.box("run-lo").textContent=oe(t)+i,this.box("run-hi").textContent=oe(e)+i,this.box("runmet").replaceChildren(...zM(n,i)),this.box("runtrack").hidden=!n.frames.length,this.box("run-play").hidden=n.frames.length<2;let l=n.clash.filter(d=>!d.fit).length,c=n.reason?`Stopped${n.stopped_at==null?"":` at ${oe(n.stopped_at)}${i}`}: ${n.reason}. `:"",h=l===1?"once":`${l} times`,u=l?`Parts pass through one another ${h}.`:"Nothing passes through anything.";this.say(c+u,!!l||!!c),this.show(),this.at.focus()}marks(t){let{stage:e}=this.b;e.previewing!==!t&&(e.previewing=!t,e.freedoms(),e.draw())}show(){let t=this.ran,e=Number(this.at.value);t?.frames[e]&&(this.marks(!1),this.b.stage.between(t.names,t.frames[e],t.frames[e],0),this.b.stage.draw(),this.box("run-now").textContent=oe(t.at[e])+(this.driven[2]?"°":" mm"))}goTo(t){let e=this.ran;if(!e)return;this.stop();let n=e.at.reduce((i,r,o)=>Math.abs(r-t)<Math.abs(e.at[i]-t)?o:i,0);this.at.value=String(n),this.show()}stop(){cancelAnimationFrame(this.playing),this.playing=0,this.get("run-play").textContent="Play"}play(){if(this.playing){this.stop();return}let t=this.ran;if(!t)return;let e=t.frames.length-1,n=Number(this.at.value)>=e?0:Number(this.at.value),i=performance.now();this.get("run-play").textContent="Stop";let r=o=>{let a=Math.min(e,n+Math.floor((o-i)/BM*e));this.at.value=String(a),this.show(),a<e?this.playing=requestAnimationFrame(r):this.stop()};this.playing=requestAnimationFrame(r)}},ly=(s,t)=>`${s.replaceAll("_"," ")} of ${Zt(t)}`;function zM(s,t){let e=a=>oe(a)+t,n=a=>a.depth_mm==null?"":`, ${oe(a.depth_mm)} mm deep`,i=a=>`${Zt(a.a)} and ${Zt(a.b)}, ${oe(a.from)} to ${e(a.to)}${n(a)}`,r=[...s.clash.map(a=>yh(a.deepest_at,a.fit?"fit":"clash",i(a))),...s.leaves.map(a=>yh(a.from,"leaves",`${Zt(a.part)} leaves ${Zt(a.in)} at ${e(a.from)}`)),...s.dead_points.map(a=>yh(a.at,"dead point",`${ly(a.of,a.joint)} turns round at ${e(a.at)}`))],o=s.least_clearance;return o&&r.push(yh(o.at,"nearest",`${Zt(o.a)} and ${Zt(o.b)}, ${oe(o.mm)} mm, at ${e(o.at)}`)),r}function ay(s,t,e){return s.style.left=`${t}%`,e&&(s.style.width=`${e}%`),s}function yh(s,t,e){let n=Mt("button","plain",e);return n.type="button",n.dataset.at=String(s),Mt("li","",Mt("span",`tag t-${t.replace(" ","-")}`,t),n)}var ts=["put","put_too","on","on_too","about"],_h=class{constructor(t,e){this.form=t,this.stage=e,this.slots={put:null,put_too:null,on:null,on_too:null,about:null};let n=ts.map(i=>[i,this.input(`[data-slot="${i}"] input`)]);this.inputs=Object.fromEntries(n),this.target=null,this.hint=this.part("#hint"),this.offerBox=this.part("#offers"),this.chosen=-1,this.marked=()=>{};for(let i of ts)this.inputs[i].addEventListener("focus",()=>{this.target=i})}part(t){return this.form.querySelector(t)}input(t){return this.form.querySelector(t)}drop(t){for(let e of t)this.slots[e]=null,this.inputs[e].value=""}mark(){this.marked(ts.map(t=>this.slots[t]?.k?.data.name).filter(Boolean)),this.stage.setPicked(ts.filter(t=>this.slots[t]).map(t=>({c:this.slots[t],role:t})))}say(t,e){this.hint.textContent=t,this.hint.classList.toggle("bad",!!e)}facing(t){this.part(".slotbutton").textContent=t==="same"?"the same way":"opposite"}focusChosen(){this.offerBox.children[this.chosen]?.focus()}};var VM=200,HM=60;function GM(s,t,e,n,i){let r=t.toLowerCase().split(/[\s·›]+/).filter(Boolean),o=[],a=l=>{let c=l&&Vn(l).toLowerCase()+" "+l.ref.toLowerCase();c&&r.every(h=>c.includes(h))&&o.push(l)};for(let l of s.values())if(l!==n){for(let c of l.uses){for(let h of c.shape.features)h.vertex<0&&!h.seam&&!h.same&&Ho(e,h)&&a({k:l,s:c,f:h,ref:br(c,h)});for(let h of c.helpers?.values()??[])Ho(e,h)&&a({k:l,s:c,f:h,ref:br(c,h)});for(let h of c.shape.byName.values())h.built&&r.length&&a({k:l,s:c,f:h,ref:br(c,h)})}if(o.length>VM)break}for(let l of["xy","yz","zx","x","y","z","origin"])a(i(`@/${l}`));return o.slice(0,HM)}var vh=class{constructor(t,e){this.sentence=t,this.box=e,this.list=[],this.at=-1,this.open=null;for(let n of Object.keys(t.inputs))this.on(n)}on(t){let e=this.sentence.inputs[t];e.addEventListener("input",()=>this.typed(t)),e.addEventListener("focus",()=>e.select()),e.addEventListener("keydown",n=>this.key(t,n)),e.addEventListener("blur",()=>setTimeout(()=>{document.activeElement===e||this.open!==t||(this.close(),this.sentence.stage.setHover(null))},120))}close(){this.open=null,this.box.hidden=!0;for(let t of Object.values(this.sentence.inputs))t.setAttribute("aria-expanded","false")}typed(t){let{sentence:e}=this;e.slots[t]&&(e.slots[t]=null,(t==="put"||t==="on")&&(e.offers=[],e.render()),e.mark()),this.show(t)?e.tell():e.say("Nothing here is called so. Try the part's name and a word such as hole, face or rim.",!0)}show(t){let{sentence:e}=this,n=e.inputs[t],i=t==="put"?e.slots.on?.k:t==="on"?e.slots.put?.k:null;return this.list=GM(e.stage.comps,n.value,e.filter,i,r=>e.stage.find(r)),this.at=this.list.length?0:-1,this.box.replaceChildren(...this.list.map((r,o)=>this.choice(t,r,o))),this.box.hidden=!this.list.length,this.open=this.list.length?t:null,n.setAttribute("aria-expanded",String(!this.box.hidden)),this.at>=0&&n.setAttribute("aria-activedescendant","choice-0"),this.list.length>0||!n.value.trim()}choice(t,e,n){let i=document.createElement("li");return i.id=`choice-${n}`,i.setAttribute("role","option"),i.setAttribute("aria-selected",String(n===0)),i.textContent=Vn(e),i.addEventListener("mousedown",r=>{r.preventDefault(),this.sentence.fill(t,e)}),i.addEventListener("mouseenter",()=>this.sentence.stage.setHover(e)),i}key(t,e){let n={ArrowDown:1,ArrowUp:-1}[e.key];n?(e.preventDefault(),this.box.hidden?this.show(t):this.step(t,n)):e.key==="Enter"&&!this.box.hidden&&this.list[this.at]?(e.preventDefault(),this.sentence.stage.setHover(null),this.take(t,this.list[this.at])):e.key==="Escape"&&!this.box.hidden&&(e.stopPropagation(),this.close())}async take(t,e){let{sentence:n}=this,i=n.fill(t,e);if(n.next){n.inputs[n.next].focus();return}n.inputs[t].blur(),await i,document.activeElement===document.body&&n.focusChosen()}step(t,e){this.at=(this.at+e+this.list.length)%this.list.length;for(let[n,i]of[...this.box.children].entries())i.setAttribute("aria-selected",String(n===this.at));this.box.children[this.at].scrollIntoView({block:"nearest"}),this.sentence.inputs[t].setAttribute("aria-activedescendant",`choice-${this.at}`),this.sentence.stage.setHover(this.list[this.at])}};var WM=250,bh=class extends _h{constructor(t,e,n,i){super(t,e),this.ask=n,this.post=i,this.state=null,this.offers=[],this.sense="",this.filter="all",this.wanted="",this.again=null,this.taking=null,this.posted=()=>{},this.valued=null,this.turn=0,this.value=this.input("#value"),this.button=t.querySelector("#post"),this.typing=new vh(this,this.part("#choices"));let r,o=()=>{clearTimeout(r),r=window.setTimeout(()=>this.preview(),WM)};this.fields=new ih(this.part("#fields"),o),t.addEventListener("submit",a=>{a.preventDefault(),this.send()}),this.offerBox.addEventListener("click",a=>{let l=a.target.closest(".offer");l&&this.choose(Number(l.dataset.k))}),this.offerBox.addEventListener("keydown",a=>this.step(a)),this.value.addEventListener("input",o),this.tell()}get offer(){return this.offers[this.chosen]}get open(){return!!this.offer?.about&&!this.slots.about}get next(){return this.slots.put?this.again?null:this.slots.on?this.open?"about":null:"on":"put"}begin(){this.inputs[this.next||"put"].focus()}async pick(t,e){let n=this.target&&this.slots[this.target]?this.target:null;await this.fill(n||this.next||"on",t),e&&this.offer&&!this.offer.odds&&!this.open&&await this.send()}repick(t,e,n){this.clear(),this.again={relation:t,end:e,words:n},this.form.dataset.mode="again",this.part('[data-word="put"]').textContent=`In ${t}, in place of ${n}, take`,this.tell()}async fill(t,e){if(this.taking){this.taking(e);return}if(this.again){let{relation:i,end:r}=this.again;this.leave(),await this.post({do:"repick",relation:i,end:r,ref:e.ref});return}let n=t==="put"?"on":t==="on"?"put":null;if(n&&this.slots[n]?.k&&this.slots[n]?.k===e.k){this.say(`Both picks are on ${e.k?.data.name}; pick the second one on another part.`,!0);return}if(this.slots[t]=e,this.inputs[t].value=Vn(e),this.inputs[t].title=Vn(e),this.typing.close(),this.target=null,!n){this.mark(),t==="about"&&this.offer&&(this.offer.value=void 0,this.valued=null),await this.preview();return}this.sense="",this.drop(["put_too","on_too","about"]),this.mark(),await this.tryAll()}leave(){this.again=null,delete this.form.dataset.mode,this.extras(null),this.tell()}empty(t){this.drop(t),(t.includes("put")||t.includes("on"))&&(this.drop(["put_too","on_too","about"]),this.sense="",this.offers=[]),this.target=null,this.mark(),this.offers.length?this.choose(this.chosen):this.render(),this.tell()}stepBack(){let t=["about","on","put"].find(e=>this.slots[e]);t&&(this.empty([t]),this.unpreview())}clear(){let t=this.again||ts.some(e=>this.slots[e]||this.inputs[e].value);return this.wanted="",this.again&&this.leave(),t?(this.typing.close(),this.empty(["put","on"]),this.unpreview(),!0):!1}unpreview(){this.stage.goTo(fn(this.state))}want(t,e){let n=this.offers.findIndex(i=>i.type===t);if(n>=0){this.choose(n);return}if(this.offers.length){this.say(`What is picked allows no "${e}".`,!0);return}this.wanted=t,this.begin(),this.say(`For "${e}": pick what is put, then what it goes on.`)}tell(){for(let e of ts)this.inputs[e].parentElement?.classList.toggle("next",this.next===e);let t=this.slots.put;this.again?this.say("Pick what takes its place; the rest of the relation stays. Escape keeps it as it is."):t?!this.slots.on&&t.k?.data.grounded?this.say(`${t.k.data.name} is grounded, so what is picked next will move to it.`):this.slots.on||this.say("Now pick what it goes on."):this.say("Pick the feature that is to be put somewhere: what is picked first moves.")}async tryAll(){this.tell();let{put:t,on:e}=this.slots;if(!t||!e)return;let n=++this.turn;this.say("Trying what fits …"),this.form.setAttribute("aria-busy","true");try{let i=await this.ask("offers",{Put:t.ref,On:e.ref,Sense:this.sense});if(n!==this.turn)return;this.offers=i,this.render(),i.length?this.choose(Math.max(0,i.findIndex(r=>r.type===this.wanted&&!r.odds))):this.say("No relation fits these two features.",!0),i.some(r=>r.untried)&&this.tryWhole(i,t.ref,e.ref)}catch(i){if(n!==this.turn)return;this.offers=[],this.render(),this.say(i.message,!0)}finally{this.form.removeAttribute("aria-busy")}}async tryWhole(t,e,n){let i=await this.ask("offers",{Put:e,On:n,Sense:this.sense,Whole:!0}).catch(o=>o);if(this.offers!==t)return;if(i instanceof Error){this.say(i.message,!0);return}let r=qg(t,i);for(let o of r){let a=this.offerBox.children[o];a.classList.toggle("odd",!!t[o].odds),a.querySelector(".ba").textContent=uh(t[o],!1)}r.includes(this.chosen)&&this.choose(this.chosen)}render(){this.offerBox.replaceChildren(...this.offers.map((t,e)=>Xg(t,e))),this.form.classList.toggle("trying",this.offers.length>0),!this.offers.length&&(this.chosen=-1,this.extras(null),this.button.disabled=!0)}extras(t){let e=(r,o)=>{for(let a of this.form.querySelectorAll(`[data-extra="${r}"]`))a.hidden=!o};e("facing",!!t?.sense),e("value",t?.value!=null),e("about",!!t?.about),e("put_too",!!t?.put_too),e("on_too",!!t?.on_too),e("joint",!!t?.joint);for(let r of["put_too","on_too"]){let o=t?.[r];o&&this.slots[r]?.ref!==o?(this.slots[r]=this.stage.find(o),this.inputs[r].value=this.slots[r]?Vn(this.slots[r]):o):o||this.drop([r])}t?.about?this.inputs.about.placeholder=t.about:this.drop(["about"]),this.fields.show(t?.fields??[]);let n=t?.say??["Put","on"];this.again||(this.part('[data-word="put"]').textContent=n[0]),this.part('[data-word="on"]').textContent=n[1];let i=this.stage.previewing;this.stage.previewing=!!t,i&&!t&&(this.stage.freedoms(),this.stage.draw()),t?.sense&&this.facing(t.sense),t?.value!=null&&this.valued!==t&&(this.valued=t,this.value.value=oe(t.value),this.part("#unit").textContent=t.unit??"")}choose(t){let e=this.offers[t];if(e){this.chosen=t,this.valued=null;for(let[n,i]of[...this.offerBox.children].entries())i.setAttribute("aria-checked",String(n===t)),i.tabIndex=n===t?0:-1;this.offerBox.children[t].scrollIntoView({block:"nearest",inline:"nearest"}),this.extras(e),this.mark(),this.button.disabled=this.open,this.tellNext(),this.open?(this.unpreview(),this.say(`Now pick ${e.about}.`)):this.show(e)}}tellNext(){for(let t of ts)this.inputs[t].parentElement?.classList.toggle("next",this.next===t)}step(t){let e={ArrowRight:1,ArrowDown:1,ArrowLeft:-1,ArrowUp:-1}[t.key];e&&(t.preventDefault(),this.choose((this.chosen+e+this.offers.length)%this.offers.length),this.offerBox.children[this.chosen]?.focus())}show(t){if(t.untried){this.unpreview(),this.say(`Many parts would move; "${t.label}" is being tried …`);return}let e=[];t.note&&e.push(t.note),e.push(`leaves ${t.leaves}`),t.moves.length>1?e.push(`moves ${t.moves.length} parts`):e.push(t.moves.length?`moves ${t.moves[0]}`:"moves nothing"),t.also?.length&&e.push(`also called ${Wd(t)}`),t.doubled>0&&e.push(`${t.doubled} of ${t.asked} repeat others`),this.say(t.odds?`${t.label}: ${t.odds}`:e.join(" · "),!!t.odds);let n=fn(this.state);for(let[i,r]of Object.entries(t.poses))n.set(i,r);this.stage.goTo(n)}async preview(){let t=this.offer;if(!t)return;this.tellNext(),this.button.disabled=this.open;let e=!this.open&&this.act(t);if(!e)return;let n=++this.turn;try{let i=await this.ask("try",e);if(n!==this.turn)return;Object.assign(t,{odds:void 0,untried:!1,...i,label:t.label,note:t.note,about:t.about});let r=this.offerBox.children[this.chosen].querySelector(".ba");r&&(r.textContent=uh(t,!1)),t.sense&&this.facing(t.sense),this.extras(t),this.show(t)}catch(i){n===this.turn&&this.say(i.message,!0)}}flip(){let t=this.offer;if(!t)return;let e=this.fields.input("side");if(e)e.value=e.value==="inside"?"outside":"inside";else if(t.about&&t.unit==="°")this.value.value=oe(-Number(this.value.value)||0);else if(t.sense)t.sense=t.sense==="same"?"opposed":"same";else return;this.preview()}quarter(){let t=this.offer&&(this.fields.input("turn")??this.fields.input("value")??(this.offer.unit==="°"?this.value:null));if(!t)return!1;let e=(Number(t.value)||0)+90;return t.value=oe(e>180?e-360:e),this.preview(),!0}act(t){let e={do:"relate",type:t.type,put:this.slots.put?.ref,on:this.slots.on?.ref,sense:t.sense||""};for(let n of["put_too","on_too","about"])this.slots[n]&&(e[n]=this.slots[n]?.ref);if(e.fields=this.fields.read(),t.value!=null){let n=_n(this.value.value,t.unit);if(n===void 0)return this.say("Write a number, such as 12.5, or a sum, such as depth + 3 mm.",!0),null;e.fields[t.main??"value"]=n}return e}async send(){let t=this.offer,e=t&&!this.button.disabled&&this.act(t);if(!e)return;t.joint&&(e.plan=this.input("#mean").checked),this.button.disabled=!0;let n={...this.slots};if(!await this.post(e)){this.button.disabled=!1;return}this.wanted="",setTimeout(()=>this.posted(),0);let r=["put","on"].filter(o=>this.slots[o]===n[o]);this.fields.clear(),r.length&&this.empty(r),r.includes("on")&&document.activeElement===this.inputs.on&&this.inputs.put.focus()}};var Rs=s=>document.querySelector(s),wh=class{constructor(t){this.b=t,this.columns=[],this.outcomes=[],this.box=Rs("#variants"),Rs("#variant-more").addEventListener("click",()=>{this.read(),this.columns.push({name:`variant ${this.columns.length+1}`,values:{}}),this.table()}),Rs("#variant-solve").addEventListener("click",()=>this.solve()),Rs("#variant-keep").addEventListener("click",()=>this.keep()),Rs("#variant-csv").addEventListener("click",()=>this.csv())}async measure(){let[t,e]=this.b.picks(),n=[],i=(l,c,h)=>n.push({words:l,as:c,measure:h});t&&e?(i("Distance","distance",{type:"distance",a:t.ref,b:e.ref}),t.f.dir&&e.f.dir&&i("Angle","angle",{type:"angle",a:t.ref,b:e.ref}),i("Place of the first, seen from the second","place",{type:"position",of:t.ref,in:e.ref})):t&&(i("Place in the assembly","place",{type:"position",of:t.ref,in:"@/origin"}),i("Centre of mass, seen from what is picked","centre of mass",{type:"centre_of_mass",in:t.ref}));let r=XM([t,e].filter(Boolean));i("Centre of mass in the assembly","centre of mass",{type:"centre_of_mass",in:"@/origin"}),i("Mass","mass",{type:"mass"});for(let l of this.b.state()?.joints??[])for(let c of l.of)i(`${c.name.replaceAll("_"," ")} of ${l.id}`,`${l.id} ${c.name}`,{type:"coordinate",joint:l.id,of:c.name});let o=await Promise.all(n.map(l=>this.b.call("measure",{measures:[l.measure]}).then(c=>c.says[0],()=>null))),a=n.map((l,c)=>({...l,says:o[c]})).filter(l=>l.says!==null);this.b.palette.open([...r.map(l=>({words:l.words,keys:l.says,help:"measure size fit",run:()=>this.b.tell(`${l.words}: ${l.says}`)})),...a.map(l=>({words:l.words,keys:l.says,help:"measure keep gap",run:()=>this.name(l)}))])}async name(t){let e=await this.b.ask("Keep this measure as",t.as);e&&this.b.act({do:"measure",as:e,measure:t.measure})}variants(){let t=this.b.state();t&&(this.outcomes=[],this.columns=t.variants.map(e=>({name:e.name,values:{...e.values}})),this.columns.length||(this.columns=[{name:"as it is",values:{}},{name:"variant 1",values:{}}]),Rs("#variant-none").hidden=t.settings.values.length>0,this.table(),this.box.showModal())}read(){for(let t of this.box.querySelectorAll("input[data-column]")){let e=this.columns[Number(t.dataset.column)],n=t.dataset.value??"";n?t.value.trim()?e.values[n]=t.value.trim():delete e.values[n]:e.name=t.value.trim()||e.name}}table(){let t=this.b.state(),e=[],n=(r,o,a=!1)=>{let l=document.createElement("tr"),c=document.createElement("th");c.textContent=r,l.append(c);for(let h of this.columns.keys()){let u=document.createElement(a?"th":"td");u.append(o(h)),l.append(u)}e.push(l)},i=(r,o,a,l)=>{let c=document.createElement("input");return c.className="numslot",c.dataset.column=String(r),c.dataset.value=o,c.value=a,c.placeholder=l,c.setAttribute("aria-label",o?`${o} in column ${r+1}`:`Name of column ${r+1}`),c};n("",r=>i(r,"",this.columns[r].name,""),!0);for(let r of t?.settings.values??[])n(r.name,o=>i(o,r.name,this.columns[o].values[r.name]??"",r.text));if(this.outcomes.length){n("verdict",o=>this.outcomes[o]?.error??this.outcomes[o]?.verdict??"");let r=new Set(this.outcomes.flatMap(o=>Object.keys(o.measures??{})));for(let o of r)n(o,a=>qM(this.outcomes[a]?.measures?.[o]))}Rs("#variant-table").replaceChildren(...e)}async solve(){this.read();try{this.outcomes=await this.b.call("variants",{columns:this.columns.map(t=>t.values)})}catch(t){this.b.tell(t.message,!0)}this.table()}async keep(){this.read(),this.box.close();let t=this.columns.map(e=>({name:e.name,values:Object.entries(e.values).map(([n,i])=>({name:n,text:i}))}));await this.b.act({do:"vary",variants:t})}csv(){this.read();let t=i=>`"${String(i??"").replaceAll('"','""')}"`,e=[["",...this.columns.map(i=>i.name)]];for(let i of this.b.state()?.settings.values??[])e.push([i.name,...this.columns.map(r=>r.values[i.name]??i.text)]);if(this.outcomes.length){e.push(["verdict",...this.outcomes.map(i=>i.error??i.verdict)]);for(let i of new Set(this.outcomes.flatMap(r=>Object.keys(r.measures??{}))))e.push([i,...this.outcomes.map(r=>[r.measures?.[i]??""].flat().join(" "))])}let n=document.createElement("a");n.href=URL.createObjectURL(new Blob([e.map(i=>i.map(t).join(",")).join(`\r
`)+`\r
`],{type:"text/csv"})),n.download="variants.csv",n.click(),setTimeout(()=>URL.revokeObjectURL(n.href),1e3)}};function qM(s){return s==null?"not known":[s].flat().map(t=>String(Math.round(t*1e4)/1e4)).join(", ")}function XM(s){let t=[],e=o=>`${oe(o/dn(ge()))} ${ge()}`,n=s.filter(o=>o.f.r);for(let[o,a]of n.entries())t.push({words:n.length>1?`Diameter of the ${o?"second":"first"}`:"Diameter",says:e(2*a.f.r)});let i=n.find(o=>o.f.side==="hole"),r=n.find(o=>o.f.side==="shaft");if(i&&r){let o=2*(i.f.r-r.f.r);t.push({words:o<0?"Interference, on the diameter":"Clearance, on the diameter",says:e(Math.abs(o))})}return t}var Fr=s=>document.querySelector(s),cy=.001,hy={width:150,height:100},Sh=class{constructor(t){this.b=t,this.box=Fr("#choosing"),this.cards=Fr("#choosing-cards"),this.ways=[],this.found=[],this.part="",this.box.addEventListener("keydown",e=>this.key(e)),this.box.addEventListener("focusin",e=>this.preview(this.at(e.target))),this.box.addEventListener("click",e=>{let n=e.target;n.closest("[data-choosing='leave']")?this.leave():n.closest("[data-choosing='take']")?this.take(this.at(n)):this.at(n)>=0&&this.goTo(this.at(n))})}at(t){return Number(t.closest("[data-card]")?.dataset.card??-1)}next(t){this.ofPart(t??(this.b.hand()||Hd(this.b.state())),e=>this.seat(e))}seat(t){return this.open(t,"next",`What would seat ${t}`,"Nothing was found that fits it: relate it by a sentence.")}seatings(){this.ofPart(void 0,t=>this.open(t,"seatings",`Ways in which ${t} can sit`,"It can sit in no other way."))}ofPart(t,e){let n=t??this.b.hand().split("/")[0];n?e(n):this.b.palette.open((this.b.state()?.components??[]).map(i=>({words:i.name,run:()=>e(i.name)})))}async open(t,e,n,i){this.b.close(),this.part=t,this.cards.replaceChildren(),Fr("#choosing-h").textContent=n,Fr("#choosing-sum").textContent="Trying …",this.show(!0);try{this.found=await this.b.call(`${e}?component=${encodeURIComponent(t)}`)}catch(o){this.show(!1),this.b.tell(o.message,!0);return}this.ways=this.found.filter(o=>o.kind!=="taken");let r=this.ways.length>(e==="seatings"?1:0);Fr("#choosing-sum").textContent=r?`${this.ways.length} ${this.ways.length>1?"ways, each":"way,"} solved`:i,this.cards.replaceChildren(...this.ways.map((o,a)=>this.card(o,a,e==="seatings"))),this.mark(),r&&this.goTo(e==="seatings"?1:0)}mark(){let t=0,e=this.found.map(n=>{let i=n.kind==="taken";return{at:n.at,text:i?"taken":String(++t),kind:i?"idle":"put"}});this.b.stage.places(e.filter(n=>n.at))}show(t){!t&&!this.box.hidden&&this.b.stage.places([]),this.box.hidden=!t,Fr("#account").classList.toggle("accounting",t),t||this.b.stage.light(null)}card(t,e,n){let i=Mt("li","impliedcard");i.tabIndex=-1,i.dataset.card=String(e);let r=t.left?`leaves ${t.left}`:"leaves nothing",o=Mt("kbd","",String(e+1));if(i.append(Mt("div","cardhead",o,Mt("b","",t.says),Mt("span","grow"),Mt("span","takes",r))),t.apart_mm>cy&&i.append(Mt("p","notice",`Off by ${Math.round(t.apart_mm*1e3)/1e3} mm: it will be at odds.`)),t.through.length&&i.append(Mt("p","notice",`Passes through ${t.through.join(", ")}.`)),n){let l=Mt("img","seatingpicture");l.src=this.b.stage.picture(this.part,t.poses[this.part],hy.width,hy.height),l.alt=t.says,i.append(l)}t.lines.length&&i.append(Mt("ul","cardlines",...t.lines.map(l=>Mt("li","",l))));let a=Mt("button","plain",t.now?"Keep it":"Take");return a.type="button",a.dataset.choosing="take",i.append(Mt("div","cardfoot",a)),i}goTo(t){Qc(this.cards,t)}preview(t){let e=this.ways[t];if(!e)return;let n=fn(this.b.state());for(let[i,r]of Object.entries(e.poses))n.set(i,r);this.b.stage.light([this.part,...e.mates.map(i=>[i.a,i.b].find(r=>!String(r).startsWith(`${this.part}/`))?.split("/")[0])]),this.b.stage.goTo(n)}leave(){this.show(!1),this.b.stage.goTo(fn(this.b.state())),this.b.back()}async take(t){let e=this.ways[t];if(!e)return;if(e.now){this.leave();return}let n=e.kind==="seating",i={do:"adopt",as:this.part,relations:e.mates,poses:e.poses,place:e.places,change:n};if(!await this.b.act(i))return;let r=n?"":Hd(this.b.state());r&&await this.seat(r),!(r&&this.ways[0]&&!this.ways[0].through.length&&this.ways[0].apart_mm<=cy)&&(this.show(!1),this.b.stage.goTo(fn(this.b.state())),this.b.back())}key(t){if(t.ctrlKey||t.altKey||t.metaKey)return;let e=t.target,n=this.at(e);if(t.key==="Escape")this.leave();else{if(n<0||e.matches("button"))return;if(t.key==="Enter")this.take(n);else if(t.key==="ArrowDown")this.goTo(n+1);else if(t.key==="ArrowUp")this.goTo(n-1);else if(/^[1-9]$/.test(t.key))this.take(Number(t.key)-1);else return}t.preventDefault(),t.stopPropagation()}};var kr=["x","y","z"],uy=5,Mh=class extends pi{constructor(t,e,n,i,r){super(t,e),this.stage=n,this.b=r,this.names=[],this.drag=null,t.addEventListener("change",()=>this.handles());for(let[o,a]of kr.entries())t.querySelector(`#move-${a}`)?.addEventListener("click",()=>this.quarter(o));i.addEventListener("pointerdown",o=>this.down(o,i),!0),i.addEventListener("pointermove",o=>this.move(o),!0),i.addEventListener("pointerup",()=>this.up(),!0)}toggle(t=!this.on){if(t&&(this.names=this.b.hand()),t&&!this.names.length){this.b.tell("Point at a part, go to its line, or choose several lines, then move them.");return}super.toggle(t);let e=this.form.querySelector("#moved");e.textContent=this.names.length>2?`${this.names[0]} and ${this.names.length-1} more`:this.names.join(" and "),this.say("Drag an arrow or a ring, or type; a sum will do. Enter moves."),this.handles(),t&&this.input("by",0).focus()}input(t,e){return this.form.querySelector(`[data-${t}="${e}"]`)}get own(){return this.form.querySelector("#move-axes").value}act(t,e){return{do:"shift",components:this.names,by:t,turn:e,own:this.own==="own",about:this.own==="assembly"?"assembly":"part"}}async send(){let t=kr.map((n,i)=>_n(this.input("by",i).value,ge())??0),e=kr.map((n,i)=>_n(this.input("turn",i).value,"°")??0);if(await this.b.post(this.act(t,e))){for(let n of this.form.querySelectorAll("input"))n.value="";this.handles()}}async quarter(t){await this.b.post(this.act([0,0,0],kr.map((e,n)=>n===t?90:0))),this.handles()}handles(){this.on?this.stage.showHandles(this.names[0],this.own==="own",this.own==="assembly"):this.stage.showHandles(null)}down(t,e){if(!this.on||t.button!==0)return;let n=this.stage.handleAt(...this.b.place(t));n&&(t.stopPropagation(),this.stage.view.controls.enabled=!1,e.setPointerCapture(t.pointerId),this.drag={axis:n.axis,turn:n.turn,from:n.at,amount:0})}move(t){let e=this.drag;if(!e)return;t.stopPropagation();let n=this.stage.alongHandle(e.axis,e.turn,...this.b.place(t));if(n===null)return;let i=n-e.from;e.turn&&(i=Math.round(((i+540)%360-180)/uy)*uy),e.amount=i,this.stage.tryHandle(this.names,e.axis,e.turn,i);let r=oe(Math.round(i/(e.turn?1:dn(ge()))*100)/100)+(e.turn?"°":` ${ge()}`);this.say(`${e.turn?"turned about":"moved along"} ${kr[e.axis]} by ${r}`)}async up(){let t=this.drag;if(!t)return;this.drag=null,this.stage.view.controls.enabled=!0;let e=n=>kr.map((i,r)=>n&&r===t.axis?t.amount:0);Math.abs(t.amount)>1e-6&&await this.b.post(this.act(e(!t.turn),e(t.turn))),this.handles()}};function dy(s){return[...document.querySelectorAll("#relations option")].map(t=>{let{type:e="",also:n,family:i=""}=t.dataset,r=t.label;return{words:r,help:`${e} ${n} relate mate constraint relation joint`.replaceAll("_"," "),keys:e.replaceAll("_"," "),run:()=>s(e,r,i)}})}function fy(s,t){let e=parseFloat(getComputedStyle(s).minHeight);new ResizeObserver(()=>t.style.setProperty("--grown",`${s.offsetHeight-e}px`)).observe(s)}async function py(s,t,e){let n=new Set,i=[];for(let[u,d]of s.motions.entries())if(!(d.class!=="loose"||d.rides.every(f=>n.has(f)))){for(let f of d.rides)n.add(f);if(i.push({k:u,rides:d.rides}),i.length===24)break}if(!i.length)return 0;let r=await Promise.all(i.map(({k:u})=>e(`swing/${u}`))),o=r[0].names,a=Math.max(...r.map(u=>u.poses.length)),l=r.find(u=>u.poses.length)?.poses;if(!l||a<2)return 0;let c=new Map(s.components.map(u=>[u.name,u.pose])),h=[];for(let u=0;u<a;u++){let d=o.map((f,p)=>c.get(f)??l[0][p]);for(let[f,{rides:p}]of i.entries()){let y=r[f].poses,m=y[Math.round(u*(y.length-1)/(a-1))];for(let[g,_]of o.entries())m&&p.includes(_)&&(d[g]=m[g])}h.push(d)}return await t.swing(o,h),n.size}var Eh=class{constructor(){this.worker=new Worker("/static/dist/core-worker.js",{type:"module"}),this.waiting=new Map,this.next=1,this.names=[],this.movable=[],this.coordinates=[],this.worker.onmessage=({data:t})=>{let e=this.waiting.get(t.id);this.waiting.delete(t.id),t.error?e?.failed(new Error(t.error)):e?.done(t)},this.worker.onerror=t=>{for(let e of this.waiting.values())e.failed(new Error(t.message||"the core could not be started"));this.waiting.clear()},this.loaded=this.ask("load",{url:"/static/dist/core.wasm"})}ask(t,e){let n=this.next++;return new Promise((i,r)=>{this.waiting.set(n,{done:i,failed:r}),this.worker.postMessage({task:t,id:n,...e})})}async open(t){await this.loaded;let{names:e,coordinates:n,movable:i,poses:r}=await this.ask("open",{document:t});return this.names=e,this.coordinates=n,this.movable=i,r}grab(t,e,n){return this.ask("grab",{index:this.names.indexOf(t),point:e,turning:n})}pull(t){return this.ask("pull",{to:t})}close(){this.worker.terminate()}};var my=14,$M=3,YM=4,Th=class{constructor(t){this.b=t,this.on=!1,this.seq=null,this.live=null,this.held=null,this.want=null,this.busy=!1,this.turning=!1,this.began=null,this.last=null,this.by=""}async toggle(t=!this.on){this.on=t,this.b.view.classList.toggle("tug",t),this.b.shown(t),t?await this.ready():this.letGo(!1)}async ready(){let t=this.b.state().seq;if(this.seq!==t)try{this.live??=new Eh;let e=await fetch(`/a/${this.b.asm}/bare`);if(!e.ok)throw new Error("the assembly could not be fetched");let n=await this.live.open(await e.text());this.last={poses:n},this.seq=t}catch(e){this.live?.close(),this.live=null,this.seq=null,this.b.tell(`Parts cannot be pulled about here: ${e.message}`,!0),this.on&&this.toggle(!1)}}named(t){let{name:e,base:n}=t.k.data;return n!==void 0&&this.live&&!this.live.names.includes(t.name)?`${e}/${n}`:t.name}movable(t){return!!this.live?.movable[this.live.names.indexOf(t)]}says(t,e){let n=this.b.stage.partAt(t,e);if(!n)return"";let i=this.named(n);return this.movable(i)?`${Zt(i)} · pull`:`${Zt(i)} · cannot move`}take(t,e){let n=this.b.stage.partAt(t,e);if(!this.on||!n||!this.live||this.seq!==this.b.state().seq)return!1;let i=this.named(n);return this.movable(i)?(this.b.stage.view.controls.enabled=!1,this.by=i,this.grab({name:i,frame:n.frame,own:n.frame.toOwn(n.at.clone()),at:n.at.clone(),moved:!1}),!0):(this.b.tell(`${Zt(i)} cannot move.`),!0)}next(){if(!this.live||this.seq!==this.b.state().seq)return;let t=this.live.names.filter(i=>this.movable(i)&&this.b.stage.part(i));if(!t.length){this.b.tell("Nothing here can move.");return}this.letGo(!0);let e=t[(t.indexOf(this.by)+1)%t.length],n=this.b.stage.part(e);this.by=e,this.b.light(e.split("/")[0]),this.b.says(`${Zt(e)} is held · arrows pull it, Enter parks it, Escape puts it back`),this.grab({name:e,frame:n.frame,own:n.frame.toOwn(n.middle.clone()),at:n.middle,moved:!1,keys:!0})}grab(t){this.held=t,this.began=null,this.grabbed=this.live.grab(t.name,t.own.toArray(),this.turning).catch(e=>{this.b.tell(e.message,!0),this.letGo(!1)})}turn(t){this.turning!==t&&(this.turning=t,this.held&&(this.grabbed=this.live.grab(this.held.name,this.held.own.toArray(),t).catch(()=>{})))}reading(t){let e=this.live,n=t.subarray(7*e.names.length),i=this.began,r=[];for(let[o,a]of e.coordinates.entries()){if(Math.abs(n[o]-i[o])<(a.angular?.05:.005)||r.length===$M)continue;let l=a.angular?1:dn(ge()),c=(n[o]/l).toFixed(a.angular?1:2)+(a.angular?"°":` ${ge()}`);r.push(`${Zt(a.joint)} ${a.of.replaceAll("_"," ")} ${c}`)}return r.map(o=>` · ${o}`).join("")}nudge(t,e){let n=this.held;n&&(n.at=this.b.stage.view.beside(n.at,t*my,e*my),this.pull(n.at))}move(t,e){this.held&&!this.held.keys&&this.pull(this.b.stage.picker.across(t,e,this.held.at))}async pull(t){if(this.want=t,!this.busy){this.busy=!0;try{for(await this.grabbed;this.want&&this.held;){let e=this.want;this.want=null,await this.reach(e)}}catch(e){this.b.tell(e.message,!0),this.letGo(!1)}finally{this.busy=!1}}}async reach(t){let e=this.live,n=await e.pull(t.toArray()),i=this.held;if(!i)return;this.began??=(this.last??n).poses.slice(7*e.names.length),this.last=n,i.moved=!0,this.b.stage.put(e.names,n.poses,null);let r=i.frame.toWorld(i.own.clone()),o=r.distanceTo(t)>this.b.stage.view.pixel(r)*YM;o&&this.b.stage.put(e.names,n.poses,[r,t]);let a=o?" · it comes no nearer":"",l=`pulling ${Zt(i.name)}${this.turning?", turning":""}`;this.b.says(`${l}${this.reading(n.poses)}${a} · let go to park it, = types where`)}letGo(t){let e=this.held;if(!e||(this.held=null,this.want=null,this.b.stage.view.controls.enabled=!0,e.keys&&this.b.light(null),this.b.says(""),!e.moved))return;let n=t?this.parked():{};if(Object.keys(n).length){this.b.park(e.name,n).then(i=>{i?this.ready():this.putBack()});return}this.putBack(),t&&this.b.tell("What moves in a subassembly is parked on its own Bench; here it goes back.")}putBack(){this.seq=null,this.b.restore(),this.ready()}parked(){let t={},e=this.b.state().components,n=new Map(e.map(r=>[r.name,r.pose])),i=new Map(e.filter(r=>r.base!==void 0).map(r=>[`${r.name}/${r.base}`,r.name]));for(let[r,o]of(this.live?.names??[]).entries()){let a=i.get(o)||o,l=n.get(a);if(!l||!this.last)continue;let[c,h,u,...d]=this.last.poses.subarray(7*r,7*r+7),f=Math.hypot(c-l.origin[0],h-l.origin[1],u-l.origin[2])>1e-9,p=l.quaternion.reduce((y,m,g)=>y+m*d[g],0);(f||Math.abs(p)<1-1e-14)&&(t[a]={origin:[c,h,u],quaternion:d})}return t}};var gy={good:3200,bad:7e3},ZM=".bar [data-act], .stage [data-act], .sentence [data-act], .inviting [data-act]",KM=100,JM=1500,De=s=>document.querySelector(s);async function yy(s){let t=new jd(s);await t.begin(),location.hash==="#account"&&t.state&&t.accounting.wanted(t.state)&&t.accounting.open(),document.body.dataset.ready="yes",Object.assign(window,{setfast:Gg(t)})}var jd=class{constructor(t){this.asm=t,this.call=pf(t),this.state=null,this.busy=!1,this.catching=void 0,this.gone=!1,this.view=De("#view"),this.stage=this.makeStage(),this.sentence=new bh(De("#saying"),this.stage,this.call,e=>this.act(e)),this.coupling=new lh(De("#coupling"),this),this.divider=new hh(De("#divider"),De("main.bench")),this.settings=new ch(e=>this.act(e)),this.ledger=new ph(De("#account"),{act:e=>this.act(e),stage:this.stage,ask:fi,swing:e=>this.swing(e),run:e=>this.commands[e].run(),settle:e=>this.choosing.next(e.split("/")[0]),copy:e=>this.copyText(e),travel:(e,n,i)=>Og(this,e,n,i),repick:(e,n,i)=>{zd(),this.sentence.repick(e,n,i)}}),this.pointer=new gh(this.view,De("#under"),this.stage,this.sentence,()=>this.tug,e=>this.help(e)),this.placing=new sh(e=>this.post("do",{do:"place",items:e},!1),()=>!!this.state?.components.length),this.palette=new rh,this.tug=this.makeTug(),this.moving=new Mh(De("#moving"),this.sentence.form,this.stage,this.view,{post:e=>this.act(e),hand:()=>this.several(),tell:(e,n)=>this.tell(e,n),place:e=>this.pointer.place(e)}),this.copying=new ah({act:e=>this.act(e),post:(e,n)=>this.post(e,n,!0),call:this.call,several:()=>this.several(),last:()=>this.looks.last(),sentence:this.sentence,ask:fi,tell:(e,n)=>this.tell(e,n),stage:this.stage,clear:()=>this.ledger.chooseNone(),back:e=>this.back(e)}),this.sentence.marked=e=>this.ledger.picked(e),this.sentence.posted=()=>this.copying.posted(),this.measuring=new wh({act:e=>this.act(e),call:this.call,ask:fi,picks:()=>this.picks(),palette:this.palette,tell:(e,n)=>this.tell(e,n),state:()=>this.state}),this.helping=new fh(De("#helping"),this.sentence.form,{make:e=>this.help(e),sentence:this.sentence,stage:this.stage,tell:(e,n)=>this.tell(e,n)}),this.first=new dh,this.accounting=new th(this.proposing()),this.choosing=new Sh(this.proposing()),this.looks=new mh({stage:this.stage,call:this.call,tell:(e,n)=>this.tell(e,n),state:()=>this.state,palette:this.palette,hand:()=>this.hand(),picks:()=>this.picks(),ask:fi,act:e=>this.act(e)}),this.clashes=new oh(this),this.running=new xh(De("#running"),this),this.commands=Bg({looks:this.looks,copying:this.copying,moving:this.moving,divider:this.divider,stage:this.stage,sentence:this.sentence,coupling:this.coupling,running:this.running,tug:this.tug,ledger:this.ledger,placing:this.placing,pointer:this.pointer,act:e=>this.act(e),back:e=>this.back(e),withPart:e=>this.withPart(e),everything:()=>this.everything(),title:()=>this.title(),view:this.view,asm:t,first:this.first,helping:this.helping,measuring:this.measuring,shake:()=>this.shake(),nextLoose:()=>this.nextLoose(),groupLines:()=>this.groupLines(),bring:()=>this.bring(),accountFor:()=>this.accounting.open(),choosing:this.choosing,settings:()=>this.state&&this.settings.open(this.state.settings),keys:()=>Kg(this.commands),tell:e=>this.tell(e),terms:()=>this.palette.open(Zg(e=>this.tell(e)))}),this.keys=zg(this.commands),Yg(document.body,e=>this.tell(e)),fy(De("#sentence"),De("#stage")),addEventListener("keydown",e=>$g(this,e)),document.addEventListener("click",e=>{let n=e.target.closest(ZM);n instanceof HTMLElement&&this.commands[n.dataset.act??""]?.run()}),addEventListener("focus",()=>this.catchUp()),document.addEventListener("visibilitychange",()=>this.catchUp())}proposing(){return{act:t=>this.act(t),call:this.call,stage:this.stage,tell:(t,e=!1)=>this.tell(t,e),state:()=>this.state,hand:()=>this.hand(),palette:this.palette,back:()=>this.ledger.focus(),close:()=>{this.accounting.show(!1),this.choosing.show(!1)}}}makeStage(){try{return new Jc(this.view,De("#labels"))}catch{return De("#lost").hidden=!1,new jc}}makeTug(){let t=new Th({asm:this.asm,stage:this.stage,view:this.view,tell:(n,i)=>this.tell(n,i),state:()=>this.state,light:n=>this.stage.light(n&&[n]),says:n=>this.pointer.say(n),park:(n,i)=>this.act({do:"move",component:n,poses:i}),restore:()=>this.restore(),shown:n=>this.tugging(n)}),{view:e}=this;return e.addEventListener("pointerdown",n=>{!t.on||n.button!==0||!t.take(...this.pointer.place(n))||(n.stopPropagation(),t.held&&e.setPointerCapture(n.pointerId))},!0),e.addEventListener("pointermove",n=>{t.held&&(t.turn(n.shiftKey),t.move(...this.pointer.place(n)))},!0),e.addEventListener("pointerup",()=>t.letGo(!0),!0),e.addEventListener("pointercancel",()=>t.letGo(!1),!0),t}hand(){let t=document.activeElement?.closest(".line[data-component]");return this.pointer.current()?.k?.data.name??t?.dataset.component??this.ledger.litPart??""}bring(){let{state:t,palette:e}=this,n=[this.tug.by,this.hand(),this.choosing.part].filter(Boolean).map(i=>i.split("/")[0]);this.tug.letGo(!0),t&&Ug({state:t,hands:n,ask:fi,palette:e,act:i=>this.act(i),tell:(i,r)=>this.tell(i,r)})}several(){let t=[...this.ledger.chosen],e=this.hand();return t.length?t:e?[e]:[]}picks(){let{slots:t}=this.sentence,e=[t.put,t.on].filter(i=>i!==null),n=this.pointer.current();return e.length?e:n?[n]:[]}tugging(t){De('[data-act="tug"]').setAttribute("aria-pressed",String(t)),t&&this.view.focus({preventScroll:!0}),this.pointer.forget(),t&&this.tell("Pull a part to see what it can do, with Shift to turn it; N takes the next one by keys. Escape ends it.")}async begin(){try{this.looks.draggable(this.view,e=>this.pointer.place(e));let t=this.looks.begin();await this.take(await this.call("state")),t.then(()=>this.looks.tints())}catch(t){this.ledger.fail(t.message)}}restore(){let t=this.state;t&&this.stage.show({...t,components:t.components.map(e=>({...e}))},!0).then(()=>this.stage.goTo(fn(t)))}tell(t,e){let n=De("#said");n.textContent=t,n.classList.toggle("bad",!!e),n.hidden=!1,clearTimeout(this.telling),this.telling=setTimeout(()=>{n.hidden=!0},e?gy.bad:gy.good)}async take(t,e){let n=Fg(this.state,t);if(!n){await this.take(await ra(()=>this.call("state")),e);return}let i=this.state===null;this.state=n,this.sentence.state=n,this.coupling.take(n.joints),this.stage.light(null);let r=this.stage.show(n,!!e&&!i);De("#balance").innerHTML=n.balance,n.line_order.length>KM&&await this.ledger.prepare(n),this.state===n&&(this.ledger.show(n),this.accounting.invite(n),this.clashes.soon(n),this.backButton("undo","Take back",n.undo),this.backButton("redo","Do again",n.redo),De("#empty").hidden=n.components.length>0,await r,this.looks.pill(),this.looks.away.size&&this.looks.draw(),t.said&&this.tell(t.said),t.note&&this.tell(t.note,!0),document.body.dataset.seq=String(n.seq),this.tug.on&&!this.tug.held&&this.tug.ready())}backButton(t,e,n){let i=De(`[data-act="${t}"]`);i.disabled=!n,i.title=n?`${e}: ${n}`:`nothing to ${e.toLowerCase()}`}act(t){return this.post("do",t,!0)}back(t){this.busy||!this.state?.[t]||(this.sentence.clear(),this.post(t,{},!0))}async post(t,e,n){if(this.busy||!this.state)return!1;if(this.gone)return this.tell("The server does not answer yet; waiting for it …",!0),!1;this.busy=!0,document.body.setAttribute("aria-busy","true"),await this.catching;let i=crypto.getRandomValues(new Uint32Array(4)).join("-").slice(0,40),r=this.state.seq;try{let o=await ra(()=>this.call(t,{...e,base:r,token:i}));return await this.take(o.later?await ra(()=>this.call("state")):o,n),o.later&&o.said&&this.tell(o.said),!0}catch(o){return await this.failed(o),!1}finally{this.busy=!1,document.body.removeAttribute("aria-busy")}}async failed(t){this.tell(t.message,!0),t instanceof Di&&(t.status===409&&await this.take(await this.call("state"),!0),t.passing&&this.waitForServer())}async waitForServer(){if(!this.gone){for(this.gone=!0;;){await Gn(JM);try{let t=await this.call(`state?since=${this.state?.seq}`);t&&await this.take(t,!0),this.tell(t?"The server answers again; here is how it stands now.":"The server answers again. Nothing has changed; go on.");break}catch(t){if(!(t instanceof Di)||!t.passing)break;this.tell(t.message,!0)}}this.gone=!1}}catchUp(){return this.catching??=this.lookAgain().finally(()=>{this.catching=void 0}),this.catching}async lookAgain(){if(!(!this.state||this.busy||this.tug.held||document.visibilityState!=="visible"))try{let t=await this.call(`state?since=${this.state.seq}`);t&&(await this.take(t,!0),this.tell("This was changed in another window; here is how it stands now."))}catch(t){this.tell(t.message,!0)}}async swing(t){try{let e=await this.call(`swing/${t}`);if(!e.poses||e.poses.length<2){this.tell("This motion goes nowhere: it exists only at this very pose.");return}await this.stage.swing(e.names,e.poses),this.stage.goTo(fn(this.state))}catch(e){this.tell(e.message,!0)}}async help(t){try{let{ref:e,state:n}=await this.call("helper",t);return await this.take(n,!0),e}catch(e){return this.tell(e.message,!0),null}}async shake(){if(this.state)try{let t=await py(this.state,this.stage,this.call);this.stage.goTo(fn(this.state)),this.tell(t?`${t} ${t===1?"part is":"parts are"} loose. N goes to the next.`:"Nothing is loose.")}catch(t){this.tell(t.message,!0)}}nextLoose(){this.ledger.nextLoose()||this.tell("Nothing is loose.")}async groupLines(){let t=this.several();if(!t.length){this.tell("Choose lines by Ctrl or the space bar, then group them.");return}let e=await fi("Name of the group, such as bolts; empty takes them out","");e!==null&&(this.ledger.chooseNone(),await this.act({do:"group",components:t,as:e}))}async copyText(t){try{await navigator.clipboard.writeText(t),this.tell(`Copied: ${t}`)}catch{this.tell(t)}}async title(){let t=De(".path b"),e=await fi("Name of the assembly",t.textContent??"");e&&await this.act({do:"title",to:e})&&(t.textContent=e)}everything(){let t=Object.values(this.commands).map(e=>({words:e.words,help:e.help,keys:ea(e),run:e.run}));this.palette.open([...t,...dy((e,n,i)=>{i==="coupling"?this.couple(e):this.sentence.want(e,n)})])}couple(t){this.coupling.get("couple-type").value=t,this.coupling.toggle(!0)}withPart(t){this.palette.open((this.state?.components??[]).map(e=>({words:e.name,run:()=>t(e.name)})))}};Object.assign(window,{htmx:df});async function xy(s,t){let e;try{e=await fetch(s,{method:t,headers:{Accept:"application/json"}})}catch{return gi("The server does not answer. Nothing was changed; try again."),!1}return e.ok?!0:(gi(await Ps(e)),!1)}document.addEventListener("submit",mf);document.addEventListener("htmx:error",()=>gi("The server does not answer; what is shown may be old."));document.addEventListener("htmx:response:error",()=>gi("That did not work; what is shown may be old."));document.addEventListener("click",async s=>{let t=s.target.closest("[data-delete], [data-back]");!t||t.dataset.ask&&!confirm(t.dataset.ask)||!await(t.dataset.back?xy(t.dataset.back,"POST"):xy(t.dataset.delete??"","DELETE"))||(t.closest(".offlist")&&t.dataset.delete?t.closest("li")?.remove():location.reload())});var{place:by,project:_y,asm:vy}=document.body.dataset;by==="shelf"&&_y&&(yf(_y),document.body.dataset.ready="yes");by==="bench"&&vy&&yy(vy);
/*! Bundled license information:

three/build/three.core.js:
three/build/three.module.js:
  (**
   * @license
   * Copyright 2010-2026 Three.js Authors
   * SPDX-License-Identifier: MIT
   *)
*/
